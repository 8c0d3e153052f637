package app.bittern.plan;

import app.bittern.hours.Calendar;
import java.util.Optional;

/// Opening hours: a named calendar.
public record Hours(String key, Optional<String> name, Optional<String> note, Calendar calendar) implements Aside {
    @Override
    public Ref ref() {
        return new Ref(Kind.HOURS, key);
    }

    @Override
    public Hours over(Places places) {
        return new Hours(places.key(key), name, note, calendar);
    }
}
