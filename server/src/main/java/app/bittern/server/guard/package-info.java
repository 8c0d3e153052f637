/// What stands between the network and everything else, the database's link included.
///
/// Main types: [BodyLimits], [TimedProtocol], [Connections], [DatabaseLink]. Decided against: a proxy that must stand
/// before the server, because a server of a company may be put on its network by whoever has ten minutes.
@NullMarked
package app.bittern.server.guard;

import org.jspecify.annotations.NullMarked;
