package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Something outside that is asked what it knows: a data bank, a service. An ask asks it with digits, a branch with
/// the caller's number.
///
/// @param answersWithin how long an answer is waited for, 1 to 10 s; then it has failed
/// @param tags          what it may say of somebody
public record Lookup(String key, Optional<String> name, Optional<String> note, Seconds answersWithin, List<String> tags)
        implements Aside {
    /// The longest that an answer is waited for, in seconds.
    public static final int LONGEST = 10;

    /// @throws IllegalArgumentException where it is not waited for 1 to 10 s
    public Lookup {
        tags = List.copyOf(tags);
        if (answersWithin.value() < 1 || answersWithin.value() > LONGEST) {
            throw new IllegalArgumentException(answersWithin + ": an answer is waited for 1 to 10 s");
        }
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.LOOKUP, key);
    }

    @Override
    public Lookup over(Places places) {
        return new Lookup(places.key(key), name, note, answersWithin, tags);
    }
}
