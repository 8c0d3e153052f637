package app.bittern.call;

import app.bittern.plan.Announcement;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// An announcement says its prompts and sends the call on, after exactly their length.
final class AnnouncementBehaviour implements Behaviour<Announcement> {
    @Override
    public List<Outcome> outcomes(Announcement announcement, Scene scene) {
        return List.of(Outcome.of(
                new Cause.Passed(), Window.at(length(announcement, scene)), scene.onward(announcement.to())));
    }

    private static int length(Announcement announcement, Scene scene) {
        return announcement.prompts().stream()
                .mapToInt(prompt -> scene.length(Optional.of(prompt)))
                .sum();
    }

    @Override
    public Decision decide(Announcement announcement, Scene scene, BenchInHand bench) {
        List<Heard> hears = new ArrayList<>();
        int second = 0;
        for (Ref prompt : announcement.prompts()) {
            int end = second + scene.length(Optional.of(prompt));
            hears.add(new Heard(second, end, Heard.Sound.SPEECH, scene.words(prompt)));
            second = end;
        }
        return Decision.of(
                        new Cause.Passed(),
                        second,
                        announcement.title() + " is said (" + second + " s), then to " + scene.words(announcement.to()),
                        hears,
                        List.of(Why.held("then " + scene.words(announcement.to()), "everything has been said")))
                .withPort();
    }
}
