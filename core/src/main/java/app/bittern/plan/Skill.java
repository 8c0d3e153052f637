package app.bittern.plan;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/// How well somebody knows something, from the least to the most.
public enum Skill {
    BASIC(1),
    SURE(2),
    EXPERT(3);

    private final int level;

    Skill(int level) {
        this.level = level;
    }

    /// 1 for the least.
    public int level() {
        return level;
    }

    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "how well: basic, sure or expert";

    /// As the plan file writes it.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /// Reads what [#word()] writes.
    public static Optional<Skill> parse(String text) {
        return Stream.of(values()).filter(one -> one.word().equals(text)).findFirst();
    }

    @Override
    public String toString() {
        return word();
    }
}
