package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.Hushes;
import app.bittern.paths.Reachable;
import app.bittern.plan.Music;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.stream.Stream;

/// A caller who waits in a queue for more than 20 s and hears nothing.
final class Silence implements Check {
    private static final About ABOUT = new About(
            "silence",
            "Silent wait",
            Severity.WARNING,
            "A caller who waits in a queue for more than 20 s and hears nothing.",
            "Callers take the line for dead and hang up. Give the queue music, or say something more often.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int LONGEST = 20;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        boolean routesSound = plan.all(Route.class).anyMatch(route -> sounds(plan, route));
        Reachable silent =
                routesSound ? Reachable.of(examination.paths(), route -> !sounds(plan, route)) : examination.reached();
        return plan.all(Queue.class)
                .flatMap(queue -> {
                    boolean byRoute = examination.reached().comesTo(queue.ref()) && !silent.comesTo(queue.ref());
                    int longest = Hushes.inQueue(plan, queue, byRoute);
                    return longest <= LONGEST
                            ? Stream.<Finding>empty()
                            : Stream.of(ABOUT.at(
                                            queue.ref(),
                                            Pointer.of("hears"),
                                            Says.the(queue) + " leaves callers without a sound for "
                                                    + new Seconds(longest).said() + ".")
                                    .of(new Seconds(longest))
                                    .shownBy((queue.hears().isPresent() ? examination.reached() : silent)
                                            .witness(queue.ref())
                                            .or(() -> examination.dialled().witness(queue.ref()))));
                })
                .toList();
    }

    private static boolean sounds(Plan plan, Route route) {
        return route.dress().hears().filter(music -> Music.sounds(plan, music)).isPresent();
    }
}
