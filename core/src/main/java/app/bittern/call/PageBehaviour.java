package app.bittern.call;

import app.bittern.plan.Page;
import java.util.List;

/// A page puts the caller through to its phones at once.
final class PageBehaviour implements Behaviour<Page> {
    @Override
    public List<Outcome> outcomes(Page page, Scene scene) {
        return List.of(Outcome.of(new Cause.Paged(), Window.NOW, scene.ends(Ending.Kind.PAGED, page.ref())));
    }

    @Override
    public Decision decide(Page page, Scene scene, BenchInHand bench) {
        return Decision.of(
                        new Cause.Paged(),
                        0,
                        "The caller speaks through " + page.title() + " on "
                                + page.phones().size() + " phones",
                        List.of(),
                        List.of(Why.held("paged", "the call has come to a page")))
                .speaking();
    }
}
