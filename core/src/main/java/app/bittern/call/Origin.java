package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.Optional;

/// Where a call came from: the network, or a phone of the site, such as one of class `staff` that shows no number of
/// its own.
public sealed interface Origin {
    /// The category that pages are of.
    String PAGE = "page";

    /// By a trunk.
    record Trunk() implements Origin {}

    /// From a phone of the site. Phones that are alike in this can do the same.
    ///
    /// @param classOfService what it may dial; nothing outside where absent
    /// @param callerId       the number that it shows
    record Inside(Optional<Ref> classOfService, Optional<E164> callerId) implements Origin {
        /// A phone's.
        public static Inside of(Extension extension) {
            return new Inside(extension.classOfService(), extension.callerId());
        }

        /// Whether it may make calls of a category.
        public boolean may(Plan plan, String category) {
            return classOfService
                    .flatMap(ref -> plan.find(ref, ClassOfService.class))
                    .filter(service -> service.may().contains(category))
                    .isPresent();
        }

        /// Whether it gets where it dials: pages and outbound routes are for those who may, nobody gets nowhere.
        public boolean may(Plan plan, Dialling.Leads leads) {
            return switch (leads) {
                case Dialling.Leads.To(Ref ref) -> ref.kind() != Kind.PAGE || may(plan, PAGE);
                case Dialling.Leads.ToNumber number -> true;
                case Dialling.Leads.Out(Ref ref) ->
                    plan.find(ref, Outbound.class)
                            .filter(outbound -> may(plan, outbound.category()))
                            .isPresent();
                case Dialling.Leads.Nowhere() -> false;
            };
        }

        /// Whether it is one of the callers that a rule is for. A phone of the site is nobody without a number; it
        /// is somebody with one where it has one of its own.
        public boolean is(Plan plan, Route.From rule) {
            return switch (rule) {
                case Route.From.Any any -> true;
                case Route.From.Withheld withheld -> false;
                case Route.From.Unavailable unavailable -> false;
                case Route.From.Without without -> false;
                case Route.From.Exact exact -> shows(plan, rule);
                case Route.From.Prefix prefix -> shows(plan, rule);
                case Route.From.Tag tag -> shows(plan, rule);
            };
        }

        private boolean shows(Plan plan, Route.From rule) {
            return callerId.filter(number -> Callers.is(plan, new Caller.Known(number), rule))
                    .isPresent();
        }
    }

    /// A call's, by its caller.
    static Origin of(Plan plan, Caller caller) {
        return inside(plan, caller).<Origin>map(inside -> inside).orElseGet(Trunk::new);
    }

    /// The phone of the site that calls, where one does.
    static Optional<Inside> inside(Plan plan, Caller caller) {
        return caller instanceof Caller.Inside(String number)
                ? Optional.of(plan.find(new Ref(Kind.EXTENSION, number), Extension.class)
                        .map(Inside::of)
                        .orElseGet(() -> new Inside(Optional.empty(), Optional.empty())))
                : Optional.empty();
    }
}
