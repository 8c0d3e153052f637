/// Accounts, sign-in, and who may do what.
///
/// Main types: [Accounts], [Sessions], [SignIn]; [Needs], which every endpoint says, and [RightsRule], which holds it;
/// [SecurityLog]. Decided against: the servlet container's own sessions, because they end with the process and are seen
/// by one server alone; rules of rights by address, because they drift from the endpoints; an account made by
/// hand before the first start, because then there would be a moment with none, or with a known password.
@NullMarked
package app.bittern.server.account;

import org.jspecify.annotations.NullMarked;
