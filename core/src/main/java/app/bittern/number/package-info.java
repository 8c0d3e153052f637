/// Telephone numbers as the standards write them.
///
/// Main types: [E164], [Caller], [Delivers]. Numbers are kept in E.164 and shown for the site's
/// country; decided against: keeping what was typed beside it, because two spellings of a number
/// would then be two numbers.
@NullMarked
package app.bittern.number;

import org.jspecify.annotations.NullMarked;
