package app.bittern.call;

import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// A phone of the site dials: it is connected at once, or after the wait for further digits where a longer number
/// begins so. A page is for phones whose class of service has the category `page`.
final class DialBehaviour implements Behaviour<Extension> {
    @Override
    public List<Outcome> outcomes(Extension extension, Scene scene) {
        Dials dials = scene.context().dials().orElseThrow();
        int wait = dials.dialling().waits() ? Dialling.WAIT : 0;
        return List.of(Outcome.of(cause(dials), new Window(wait, wait), onward(dials, scene)));
    }

    private static Cause cause(Dials dials) {
        return new Cause.Dialled(dials.dialling().digits());
    }

    private static Onward onward(Dials dials, Scene scene) {
        Context connected = scene.context().connected();
        return switch (dials.dialling().leads()) {
            case Dialling.Leads.To(Ref ref) when barred(ref, scene) -> scene.ends(Ending.Kind.BARRED, ref);
            case Dialling.Leads.To(Ref ref) -> scene.enter(ref, connected);
            case Dialling.Leads.ToNumber number ->
                dials.route()
                        .map(route -> scene.enter(
                                route,
                                dials.dialling()
                                        .number()
                                        .map(connected::calling)
                                        .orElse(connected)))
                        .orElseGet(() -> scene.ends(Ending.Kind.UNMATCHED, scene.at()));
            case Dialling.Leads.Out(Ref outbound) -> scene.enter(outbound, connected);
            case Dialling.Leads.Nowhere() -> scene.ends(Ending.Kind.UNMATCHED, scene.at());
        };
    }

    private static boolean barred(Ref ref, Scene scene) {
        return ref.kind() == Kind.PAGE
                && !(scene.context().from() instanceof Origin.Inside inside && inside.may(scene.plan(), Origin.PAGE));
    }

    @Override
    public Decision decide(Extension extension, Scene scene, BenchInHand bench) {
        Dials dials = scene.context().dials().orElseThrow();
        int wait = dials.dialling().waits() ? Dialling.WAIT : 0;
        Onward onward = onward(dials, scene);
        Optional<Ending.Kind> refused =
                onward instanceof Onward.Ends(Ending ending, var _) ? Optional.of(ending.kind()) : Optional.empty();
        List<Heard> hears = refused.isEmpty()
                ? wait == 0 ? List.of() : List.of(new Heard(0, wait, Heard.Sound.SILENCE, "waiting for further digits"))
                : List.of(new Heard(wait, wait, Heard.Sound.TONE, "number unobtainable"));
        return Decision.of(cause(dials), wait, hears, new Account.Dialled(extension, dials, refused));
    }
}
