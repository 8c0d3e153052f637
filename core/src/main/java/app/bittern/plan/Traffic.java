package app.bittern.plan;

import app.bittern.hours.WeekRange;
import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// What calls are expected.
///
/// @param numbers  calls an hour to each inbound number
/// @param choices  which share of the callers of a menu presses which key; `none` for none
/// @param talk     how long calls last in an object
/// @param talkElse how long they last elsewhere
/// @param patience how long callers wait before they give up, on average
public record Traffic(
        Optional<String> note,
        Map<Ref, Rates> numbers,
        Map<Ref, Map<String, Share>> choices,
        Map<Ref, Seconds> talk,
        Optional<Seconds> talkElse,
        Optional<Seconds> patience)
        implements Aside {
    /// The key of a site's only expectation.
    public static final String KEY = "traffic";

    /// How long calls last where nobody says.
    public static final Seconds TALK = new Seconds(180);

    /// Where calls can last.
    private static final Takes TALKED_IN = Takes.objects(
            Kind.RING_GROUP, Kind.HUNT_GROUP, Kind.QUEUE, Kind.EXTENSION, Kind.CHAIN, Kind.MAILBOX, Kind.PAGE);

    public Traffic {
        numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
        choices = Collections.unmodifiableMap(new LinkedHashMap<>(choices));
        talk = Collections.unmodifiableMap(new LinkedHashMap<>(talk));
    }

    /// Calls an hour, by the time of the week.
    ///
    /// @param during    the first range that holds counts
    /// @param otherwise at all other times
    public record Rates(Map<WeekRange, BigDecimal> during, BigDecimal otherwise) {
        public Rates {
            during = Collections.unmodifiableMap(new LinkedHashMap<>(during));
        }

        /// The calls in the hour of an instant: of the first range that holds.
        ///
        /// @param local by the site's clock
        public BigDecimal at(LocalDateTime local) {
            return during.entrySet().stream()
                    .filter(range -> range.getKey().holds(local))
                    .map(Map.Entry::getValue)
                    .findFirst()
                    .orElse(otherwise);
        }

        /// The most calls in an hour.
        public BigDecimal busiest() {
            return during.values().stream().reduce(otherwise, BigDecimal::max);
        }
    }

    /// A share in per cent: `55%`.
    public record Share(BigDecimal percent) {
        /// @throws IllegalArgumentException where it is not between 0 and 100
        public Share {
            if (percent.signum() < 0 || percent.compareTo(BigDecimal.valueOf(100)) > 0) {
                throw new IllegalArgumentException(percent + " %: 0% to 100% are allowed");
            }
        }

        /// Reads what [#toString()] writes.
        public static Optional<Share> parse(String text) {
            return text.matches("[0-9]{1,3}(\\.[0-9]{1,3})?%")
                            && new BigDecimal(text.substring(0, text.length() - 1)).compareTo(BigDecimal.valueOf(100))
                                    <= 0
                    ? Optional.of(new Share(new BigDecimal(text.substring(0, text.length() - 1))))
                    : Optional.empty();
        }

        @Override
        public String toString() {
            return percent.toPlainString() + "%";
        }
    }

    /// How long a call lasts in an object.
    public Seconds talkIn(Ref ref) {
        return Optional.ofNullable(talk.get(ref)).orElseGet(this::talkElsewhere);
    }

    /// How long a call lasts where nothing else is said.
    public Seconds talkElsewhere() {
        return talkElse.orElse(TALK);
    }

    @Override
    public Optional<String> name() {
        return Optional.empty();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.TRAFFIC, KEY);
    }

    @Override
    public Traffic over(Places places) {
        return new Traffic(
                note,
                places.byObject("numbers", numbers, Role.ABOUT, Takes.objects(Kind.NUMBER), Ref::key),
                places.byObject("choices", choices, Role.ABOUT, Takes.objects(Kind.MENU), Ref::toString),
                places.byObject("talk", talk, Role.ABOUT, TALKED_IN, Ref::toString),
                talkElse,
                patience);
    }
}
