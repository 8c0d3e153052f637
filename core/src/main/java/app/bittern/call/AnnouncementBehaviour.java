package app.bittern.call;

import app.bittern.plan.Announcement;
import java.util.List;

/// An announcement says its prompts and sends the call on, after exactly their length.
final class AnnouncementBehaviour implements Behaviour<Announcement> {
    @Override
    public List<Outcome> outcomes(Announcement announcement, Scene scene) {
        return List.of(Outcome.of(
                        new Cause.Passed(),
                        Window.at(scene.length(announcement.prompts())),
                        scene.onward(announcement.to(), scene.context().given(announcement.sets())))
                .by("to"));
    }

    @Override
    public Decision decide(Announcement announcement, Scene scene, BenchInHand bench) {
        int second = scene.length(announcement.prompts());
        return Decision.of(
                        new Cause.Passed(),
                        second,
                        scene.said(announcement.prompts(), 0, second),
                        new Account.Announced(announcement))
                .speaking();
    }
}
