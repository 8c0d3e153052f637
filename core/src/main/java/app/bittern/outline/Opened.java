package app.bittern.outline;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;

/// What is drawn under a row that stands for many, such as all extensions that can be dialled in a menu: nobody
/// reads thousands until they are opened.
///
/// @param rows   arrivals at rows that are opened: all that is under them is drawn
/// @param passed arrivals that are drawn with what is under them, opened or not
/// @param sought a part of a number or a name: the first that have it are drawn too; empty where nothing is
///               looked for
public record Opened(Set<String> rows, Set<String> passed, String sought) {
    /// So many under a row are drawn unasked.
    public static final int UNASKED = 200;

    /// So many that have what is looked for are drawn under a row.
    public static final int MOST_FOUND = 20;

    /// Nothing but what is drawn unasked.
    public static final Opened NOTHING = new Opened(Set.of(), Set.of(), "");

    public Opened {
        rows = Collections.unmodifiableSet(new LinkedHashSet<>(rows));
        passed = Collections.unmodifiableSet(new LinkedHashSet<>(passed));
        sought = sought.strip().toLowerCase(Locale.ROOT);
    }

    /// Whether all is drawn under a row that stands for some.
    boolean draws(String row, int some) {
        return some <= UNASKED || rows.contains(row);
    }

    /// Whether a number or a name has what is looked for.
    boolean has(String text) {
        return !sought.isEmpty() && text.toLowerCase(Locale.ROOT).contains(sought);
    }
}
