/// How many channels and people calls need.
///
/// Main types: [ErlangB], [ErlangC], [ErlangA], [Advice]. Traffic is in erlangs: calls a second times the seconds that
/// each lasts.
@NullMarked
package app.bittern.traffic;

import org.jspecify.annotations.NullMarked;
