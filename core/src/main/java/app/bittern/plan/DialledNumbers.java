package app.bittern.plan;

import java.util.Collections;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/// Numbers as they are dialled, those of all extensions by callers, or all of the site by its phones.
///
/// @param sorted by their digits
/// @param longest how many digits the longest has; 0 where there is none
public record DialledNumbers(NavigableSet<String> sorted, int longest) {
    static DialledNumbers of(Plan plan) {
        return of(plan.all(Extension.class).map(Extension::dialled));
    }

    static DialledNumbers of(Stream<String> numbers) {
        NavigableSet<String> sorted = new TreeSet<>();
        numbers.forEach(sorted::add);
        int longest = sorted.stream().mapToInt(String::length).max().orElse(0);
        return new DialledNumbers(Collections.unmodifiableNavigableSet(sorted), longest);
    }

    /// Whether a longer number begins with some digits.
    public boolean begins(String digits) {
        String next = sorted.higher(digits);
        return next != null && next.startsWith(digits);
    }

    /// The beginnings of the longest numbers that are so many digits shorter.
    public Stream<String> beginnings(int shorter) {
        return sorted.stream()
                .filter(number -> number.length() == longest && longest > shorter)
                .map(number -> number.substring(0, longest - shorter));
    }
}
