package app.bittern.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// The address of a place inside an object, such as `/keys/3/to`.
///
/// Source: RFC 6901, "JavaScript Object Notation (JSON) Pointer": each step is written behind a slash, with
/// `~1` for a slash in it and `~0` for a tilde.
///
/// @param steps names of fields and positions in lists, from the object on; none for the object itself
public record Pointer(List<String> steps) {
    /// No place of a plan is nested deeper.
    private static final int MOST_STEPS = 12;

    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "the address of a place, such as /keys/3/to, of 12 steps at most";

    /// The object itself.
    public static final Pointer WHOLE = new Pointer(List.of());

    public Pointer {
        steps = List.copyOf(steps);
    }

    /// @param steps names, and positions in lists
    public static Pointer of(Object... steps) {
        return new Pointer(Arrays.stream(steps).map(String::valueOf).toList());
    }

    /// The place within this one.
    public Pointer to(String step) {
        List<String> longer = new ArrayList<>(steps);
        longer.add(step);
        return new Pointer(longer);
    }

    public Pointer to(int position) {
        return to(Integer.toString(position));
    }

    /// Whether it is the place of another, or within it.
    public boolean within(Pointer other) {
        return steps.size() >= other.steps.size()
                && steps.subList(0, other.steps.size()).equals(other.steps);
    }

    /// The same place at whichever position in its list.
    public Pointer anywhere() {
        return new Pointer(steps.stream()
                .map(step -> step.matches("[0-9]{1,6}") ? "-" : step)
                .toList());
    }

    /// Reads what [#toString()] writes.
    public static Optional<Pointer> parse(String text) {
        if (text.isEmpty()) {
            return Optional.of(WHOLE);
        }
        if (!text.startsWith("/") || text.chars().filter(sign -> sign == '/').count() > MOST_STEPS) {
            return Optional.empty();
        }
        List<String> steps = new ArrayList<>();
        for (String step : text.substring(1).split("/", -1)) {
            if (bare(step)) {
                return Optional.empty();
            }
            steps.add(step.replace("~1", "/").replace("~0", "~"));
        }
        return Optional.of(new Pointer(steps));
    }

    /// Whether a tilde stands for nothing.
    private static boolean bare(String step) {
        return step.replaceAll("~[01]", "").contains("~");
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (String step : steps) {
            text.append('/').append(step.replace("~", "~0").replace("/", "~1"));
        }
        return text.toString();
    }
}
