/// Accounts and sign-in.
///
/// Main types: [Accounts], [SignIn]. Decided against: an account made by hand before the first start, because then
/// there would be a moment with none, or with a known password.
@NullMarked
package app.bittern.server.account;

import org.jspecify.annotations.NullMarked;
