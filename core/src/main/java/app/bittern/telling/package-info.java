/// Sentences about one call: what happened at each object, and which rules held and which did not.
///
/// Main types: [Telling], [Why]. They are made of the facts in a trace when somebody asks, so that whoever only
/// follows a call makes none. Decided against: sentences made while deciding, because every new world that decides
/// (people at phones, drawn numbers) would have had to make them too.
@NullMarked
package app.bittern.telling;

import org.jspecify.annotations.NullMarked;
