package app.bittern.hours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;

/// Dates and times as they are written (ISO 8601), of the years for which calls are computed.
public final class Dates {
    /// The first year that is read.
    public static final int FIRST_YEAR = 1970;

    /// The last year that is read; weeks that are looked at may go on behind it.
    public static final int LAST_YEAR = 2999;

    private Dates() {}

    /// `2026-11-28`.
    ///
    /// @throws DateTimeException where it is none, or of another year
    public static LocalDate date(String text) {
        return within(LocalDate.parse(text));
    }

    /// `2026-11-24T21:15`.
    ///
    /// @throws DateTimeException where it is none, or of another year
    public static LocalDateTime dateTime(String text) {
        LocalDateTime read = LocalDateTime.parse(text);
        within(read.toLocalDate());
        return read;
    }

    /// `2026-10-25T01:30+01:00`.
    ///
    /// @throws DateTimeException where it is none, or of another year
    public static OffsetDateTime exact(String text) {
        OffsetDateTime read = OffsetDateTime.parse(text);
        within(read.toLocalDate());
        return read;
    }

    private static LocalDate within(LocalDate date) {
        if (date.getYear() < FIRST_YEAR || date.getYear() > LAST_YEAR) {
            throw new DateTimeException(date + ": allowed are the years " + FIRST_YEAR + " to " + LAST_YEAR);
        }
        return date;
    }
}
