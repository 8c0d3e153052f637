/// Hours and switches as their screen shows them: the week, the year, what a rule typed or an edge moved would be.
///
/// Main types: [HoursApi] and its controller. What would be is given as the states to set; setting them is an edit like
/// any other.
@NullMarked
package app.bittern.server.hours;

import org.jspecify.annotations.NullMarked;
