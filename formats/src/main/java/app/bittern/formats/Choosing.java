package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Takes;
import java.util.ArrayList;
import java.util.List;

/// What a text in a field can be chosen from, as a sheet offers it: any queue written `login queue/bookings`,
/// the word `caller`.
///
/// @param options in the order in which they are offered
public record Choosing(List<Option> options) {
    /// One way to write what is chosen.
    public sealed interface Option {
        /// A word that stands for itself: `hang-up`.
        record Word(String text) implements Option {}

        /// Any object of a kind, by its reference after what is written before it, or by its key alone.
        record OfKind(String before, Kind kind, boolean byKey) implements Option {}

        /// Any object, by its reference.
        record Anything() implements Option {}

        /// Hours and one of their states: `hours/terminal open`.
        record HoursState() implements Option {}

        /// A language of the site.
        record Language() implements Option {}

        /// The form in which a trunk delivers called numbers: `last 6`.
        record Delivered() implements Option {}

        /// What is typed by hand: `outside/+441632960100`.
        record Typed(String example) implements Option {}
    }

    static final Choosing NOTHING = new Choosing(List.of());
    static final Choosing LANGUAGE = new Choosing(List.of(new Option.Language()));
    static final Choosing HOURS_STATE = new Choosing(List.of(new Option.HoursState()));
    static final Choosing DELIVERED = new Choosing(List.of(new Option.Delivered()));
    static final Choosing ANYTHING = new Choosing(List.of(new Option.Anything()));

    public Choosing {
        options = List.copyOf(options);
    }

    /// Objects of some kinds and destinations that are none, as a slot takes them.
    static Choosing of(Takes takes) {
        List<Option> options = new ArrayList<>();
        takes.kinds().forEach(kind -> options.add(new Option.OfKind("", kind, false)));
        takes.fixed()
                .forEach(fixed -> options.add(
                        fixed == Takes.Fixed.OUTSIDE || fixed == Takes.Fixed.BY_LAST
                                ? new Option.Typed(fixed.example())
                                : new Option.Word(fixed.example())));
        return new Choosing(options);
    }

    static Choosing of(Kind... kinds) {
        Choosing choosing = NOTHING;
        for (Kind kind : kinds) {
            choosing = choosing.or("", kind);
        }
        return choosing;
    }

    /// Objects of a kind by their keys alone.
    static Choosing keys(Kind kind) {
        return new Choosing(List.of(new Option.OfKind("", kind, true)));
    }

    static Choosing words(List<String> words) {
        return NOTHING.or(words.toArray(String[]::new));
    }

    /// Words besides.
    Choosing or(String... words) {
        List<Option> more = new ArrayList<>(options);
        for (String word : words) {
            more.add(new Option.Word(word));
        }
        return new Choosing(more);
    }

    /// Objects of a kind besides, after what is written before them.
    Choosing or(String before, Kind kind) {
        List<Option> more = new ArrayList<>(options);
        more.add(new Option.OfKind(before, kind, false));
        return new Choosing(more);
    }
}
