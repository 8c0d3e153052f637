package app.bittern.call;

import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What was found for digits, or for a caller: somebody, with or without a tag, nobody, or that nothing was
/// answered.
public sealed interface Answer {
    /// The cases of a branch that are no tag.
    String FOUND = "found";

    /// Nobody was found.
    String NOT_FOUND = "not-found";

    /// There was no answer.
    String FAILED = "failed";

    /// What stands before a tag.
    String TAG = "tag ";

    /// A contact of the plan.
    record Known(Ref contact) implements Answer {}

    /// Somebody that is known outside.
    ///
    /// @param tag what is said of them
    record Outside(Optional<String> tag) implements Answer {
        @Override
        public int hashCode() {
            return 5 + 31 * tag.hashCode();
        }
    }

    /// Nobody.
    record Nobody() implements Answer {
        // Records without parts hash to 0, all alike: thousands of states would differ by nothing else.
        @Override
        public int hashCode() {
            return 2;
        }
    }

    /// Nothing that was asked has answered.
    record None() implements Answer {
        @Override
        public int hashCode() {
            return 3;
        }
    }

    /// Whether a case of a branch is for it.
    default boolean is(String state, Plan plan) {
        return switch (this) {
            case Known(Ref contact) ->
                state.equals(FOUND)
                        || plan.find(contact, Contact.class)
                                .filter(one -> tagged(state, one.tags()))
                                .isPresent();
            case Outside(Optional<String> tag) ->
                state.equals(FOUND) || tagged(state, tag.stream().toList());
            case Nobody nobody -> state.equals(NOT_FOUND);
            case None none -> state.equals(FAILED);
        };
    }

    /// The first case of a branch that is for it; `else` where none is.
    default String taken(Branch branch, Plan plan) {
        return branch.cases().keySet().stream()
                .filter(state -> is(state, plan))
                .findFirst()
                .orElse(Branch.OTHERWISE);
    }

    private static boolean tagged(String state, List<String> tags) {
        return state.startsWith(TAG) && tags.contains(state.substring(TAG.length()));
    }

    /// All that a lookup can say.
    static List<Answer> all(List<String> tags) {
        return Stream.concat(
                        Stream.<Answer>of(new Outside(Optional.empty())),
                        Stream.concat(
                                tags.stream().map(tag -> new Outside(Optional.of(tag))),
                                Stream.of(new Nobody(), new None())))
                .toList();
    }

    /// As a bench or a case says it: `found`, `tag haulier`, `not-found`, `failed`.
    default String word() {
        return switch (this) {
            case Known known -> FOUND;
            case Outside(Optional<String> tag) -> tag.map(TAG::concat).orElse(FOUND);
            case Nobody nobody -> NOT_FOUND;
            case None none -> FAILED;
        };
    }
}
