package app.bittern.server.account;

import java.util.Optional;

/// What an endpoint needs of who asks; see [Needs].
public enum Need {
    /// Nothing: whoever has not signed in may ask too.
    NOTHING(Optional.empty(), false),
    /// To have signed in.
    SIGNED_IN(Optional.empty(), false),
    /// To have signed in as a person, whose account it is about.
    PERSON(Optional.empty(), false),
    LOOK(Optional.of(Right.LOOK), false),
    CHANGE(Optional.of(Right.CHANGE), false),
    CUT_OVER(Optional.of(Right.CUT_OVER), false),
    MANAGE(Optional.of(Right.MANAGE), false),
    CHANGE_EVERY_SITE(Optional.of(Right.CHANGE), true),
    MANAGE_EVERY_SITE(Optional.of(Right.MANAGE), true);

    private final Optional<Right> right;
    private final boolean everySite;

    Need(Optional<Right> right, boolean everySite) {
        this.right = right;
        this.everySite = everySite;
    }

    /// Whether it is met at a site, which the address names unless it is about every one.
    public boolean isMet(Who who, String site) {
        return switch (this) {
            case NOTHING, SIGNED_IN -> true;
            case PERSON -> !who.machine();
            case LOOK, CHANGE, CUT_OVER, MANAGE, CHANGE_EVERY_SITE, MANAGE_EVERY_SITE ->
                right.filter(one -> everySite
                                ? who.rights().atEverySite(one)
                                : who.rights().has(one, site))
                        .isPresent();
        };
    }

    /// What it is, in words.
    String words() {
        return switch (this) {
            case NOTHING -> "nothing";
            case SIGNED_IN -> "to have signed in";
            case PERSON -> "an account of a person";
            case LOOK, CHANGE, CUT_OVER, MANAGE, CHANGE_EVERY_SITE, MANAGE_EVERY_SITE ->
                right.map(Right::word).orElseThrow() + (everySite ? " at every site" : "");
        };
    }

    /// Why it is not met, in a sentence.
    String says() {
        return switch (this) {
            case NOTHING, SIGNED_IN -> "Sign in first.";
            case PERSON -> "A machine has no account of its own.";
            case LOOK -> "You may not look at this site.";
            case CHANGE -> "You may look at this site and not change it. Who manages its accounts can let you.";
            case CUT_OVER -> "You may not cut this site over. Who manages its accounts can let you.";
            case MANAGE -> "You may not manage the accounts of this site.";
            case CHANGE_EVERY_SITE -> "Only who may change every site can make a new one.";
            case MANAGE_EVERY_SITE -> "Only who manages the accounts of every site can do this.";
        };
    }
}
