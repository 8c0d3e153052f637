/// What calls do: the outline of a number, a trace on the bench, every number at once.
///
/// Main types: [CallController], [BenchQuery].
@NullMarked
package app.bittern.server.call;

import org.jspecify.annotations.NullMarked;
