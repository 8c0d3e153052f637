package app.bittern.server.plan;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import java.util.Optional;
import java.util.OptionalInt;

/// The plan that a question is about: a site's draft or one of its releases.
///
/// @param made    the number of the site among all that have been made
/// @param version of the draft: the number of its last edit, or of the edit that was the last when it was cut
///                over
/// @param release its number, where it is one
public record Asked(String site, int made, long version, OptionalInt release, Plan plan) {
    /// Names the plan among all that there have been; the same name is always the same plan.
    public record Id(int made, long version, OptionalInt release) {
        /// Whether this is a later draft than another of the same site, or than one of a site that was there
        /// before it. A release stays what it is.
        public boolean overtakes(Id other) {
            return release.isEmpty()
                    && other.release.isEmpty()
                    && new Stamp(made, version).laterThan(new Stamp(other.made, other.version));
        }
    }

    public Id id() {
        return new Id(made, version, release);
    }

    /// The object of a kind that a question names by its key.
    ///
    /// @throws Refusal where the plan has none
    public PlanObject object(Kind kind, String key) {
        return object(kind, key, PlanObject.class);
    }

    /// The same, as what it is.
    ///
    /// @throws Refusal where the plan has none
    public <T extends PlanObject> T object(Kind kind, String key, Class<T> type) {
        return Optional.of(key)
                .filter(text -> Ref.sound(kind, text))
                .flatMap(text -> plan.find(new Ref(kind, text), type))
                .orElseThrow(
                        () -> Refusal.missing("This plan has no " + kind.title() + " '" + Problem.shown(key) + "'."));
    }

    public static Asked of(Draft draft) {
        return new Asked(draft.site(), draft.made(), draft.version(), OptionalInt.empty(), draft.plan());
    }
}
