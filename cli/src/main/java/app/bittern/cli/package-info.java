/// The command line over core and formats; it needs no database.
///
/// Main types: [Bittern], [TraceCommand]. Exit status 0 for fine, 2 for a file or an argument that cannot be used.
@NullMarked
package app.bittern.cli;

import org.jspecify.annotations.NullMarked;
