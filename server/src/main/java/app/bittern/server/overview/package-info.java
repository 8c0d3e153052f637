/// One site at a glance: where calls come to rest in the hours that differ most, and what to do next.
///
/// Main type: [OverviewApi].
@NullMarked
package app.bittern.server.overview;

import org.jspecify.annotations.NullMarked;
