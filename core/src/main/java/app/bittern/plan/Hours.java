package app.bittern.plan;

import app.bittern.hours.Calendar;
import java.time.ZoneId;
import java.util.Optional;

/// Opening hours: a named calendar.
///
/// @param timeZone whose time the rules are of; the site's where absent
public record Hours(
        String key, Optional<String> name, Optional<String> note, Optional<ZoneId> timeZone, Calendar calendar)
        implements Aside {
    /// The calendar as it is asked in a site: by the site's own time.
    public Calendar at(Site site) {
        return timeZone.map(own -> calendar.askedIn(site.timeZone(), own)).orElse(calendar);
    }

    /// The same hours by another calendar.
    public Hours with(Calendar other) {
        return new Hours(key, name, note, timeZone, other);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.HOURS, key);
    }

    @Override
    public Hours over(Places places) {
        return new Hours(places.key(key), name, note, timeZone, calendar);
    }
}
