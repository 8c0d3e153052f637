/// The findings of plans: looked for in the background after each edit, shown as they are known.
///
/// Main types: [Findings], [FindingController].
@NullMarked
package app.bittern.server.finding;

import org.jspecify.annotations.NullMarked;
