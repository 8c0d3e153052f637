/// People as a grid of groups, queues and pages.
///
/// Main type: [PeopleApi]. A cell is set by a wish like any other; what stands in cells is a matter of the core.
@NullMarked
package app.bittern.server.people;

import org.jspecify.annotations.NullMarked;
