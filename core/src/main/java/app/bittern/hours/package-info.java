/// Opening hours: what state a calendar is in at an instant, and when it changes.
///
/// Main types: [Calendar], [WeekRange], [Season], [DateRule], [TimeClasses]. All rules are of local
/// time in the site's zone, so that an instant is turned into a local date and time once and every
/// rule asked with that; decided against: turning the rules into instants, because a rule of 01:30 holds
/// twice, or never, on the days the clocks change.
@NullMarked
package app.bittern.hours;

import org.jspecify.annotations.NullMarked;
