package app.bittern.server;

import app.bittern.hours.Dates;
import app.bittern.plan.Problem;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;

/// Times and days as questions give them (ISO 8601, without a zone: by the site's clock).
public final class Clocked {
    private Clocked() {}

    /// @throws Refusal where it is none
    public static LocalDateTime instant(String at) {
        try {
            return Dates.dateTime(at);
        } catch (DateTimeException none) {
            throw Refusal.unusable("at: found '" + Problem.shown(at)
                    + "'; allowed is a time of the site's clock such as 2026-11-24T10:15.");
        }
    }

    /// @throws Refusal where it is none
    public static LocalDate day(String date) {
        try {
            return Dates.date(date);
        } catch (DateTimeException none) {
            throw Refusal.unusable("date: found '" + Problem.shown(date) + "'; allowed is a day such as 2026-11-24.");
        }
    }
}
