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
        return Decision.atOnce(new Cause.Paged(), new Account.Paged(page)).speaking();
    }
}
