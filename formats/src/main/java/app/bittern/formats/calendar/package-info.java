/// Days from outside and out again: calendar files (iCalendar, RFC 5545) and the public holidays of countries.
///
/// Main types: [CalendarFile], [CalendarWriter], [PublicHolidays]. A recurrence rule in a file is taken over as it is
/// written and read by the core alone, so that it has one meaning.
@NullMarked
package app.bittern.formats.calendar;

import org.jspecify.annotations.NullMarked;
