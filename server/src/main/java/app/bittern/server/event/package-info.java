/// What open screens are told as it happens: edits, computations, who else is there (server-sent events, HTML
/// Living Standard, 9.2).
///
/// Main types: [Events], [EventController], [Listener]. Every server on the database hears of every edit from
/// the database itself (LISTEN), its own too, so that there is one way.
@NullMarked
package app.bittern.server.event;

import org.jspecify.annotations.NullMarked;
