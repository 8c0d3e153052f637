package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Chain;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import app.bittern.score.GroupScore;
import java.util.ArrayList;
import java.util.List;

/// A ring time longer than callers hold on.
final class RingLong implements Check {
    private static final About ABOUT = new About(
            "ring-long",
            "Rings too long",
            Severity.WARNING,
            "A ring time, hunting or a chain in all, longer than callers hold on.",
            "Callers have given up before it is over: they wait as long as the plan's traffic says, else a minute. Ring for less, and let the call go on.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final Seconds PATIENCE = new Seconds(60);

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Seconds patience =
                plan.all(Traffic.class).findFirst().flatMap(Traffic::patience).orElse(PATIENCE);
        List<Finding> findings = new ArrayList<>();
        Rings.of(plan).stream()
                .filter(one -> one.seconds().value() > patience.value())
                .map(one -> ABOUT.at(
                                one.object().ref(),
                                one.field(),
                                Says.the(one.object()) + " rings for "
                                        + one.seconds().said() + "; callers seldom wait longer than " + patience.said()
                                        + ".")
                        .of(one.seconds()))
                .forEach(findings::add);
        plan.all(HuntGroup.class)
                .filter(hunt -> hunt.ringEach().value() <= patience.value())
                .forEach(hunt -> {
                    GroupScore score = GroupScore.of(plan, hunt);
                    if (score.lasts() > patience.value()) {
                        findings.add(ABOUT.at(
                                        hunt.ref(),
                                        Pointer.of("ringEach"),
                                        Says.the(hunt) + " rings " + rung(score) + " for "
                                                + hunt.ringEach().said() + " each"
                                                + (hunt.laps() > 1 ? ", " + hunt.laps() + " times over" : "")
                                                + ": " + shown(score.lasts()).said()
                                                + " in all; callers seldom wait longer than " + patience.said() + ".")
                                .of(shown(score.lasts())));
                    }
                });
        plan.all(Chain.class)
                .filter(chain ->
                        chain.stages().stream().allMatch(stage -> stage.time().value() <= patience.value()))
                .forEach(chain -> {
                    long all = chain.stages().stream()
                            .mapToLong(stage -> stage.time().value())
                            .sum();
                    if (all > patience.value()) {
                        findings.add(ABOUT.at(
                                        chain.ref(),
                                        Pointer.of("stages"),
                                        Says.the(chain) + " rings for "
                                                + shown(all).said() + " in all; callers seldom wait longer than "
                                                + patience.said() + ".")
                                .of(shown(all)));
                    }
                });
        return findings;
    }

    /// Who is rung: of some members one may be on do not disturb, or without a phone.
    private static String rung(GroupScore score) {
        int all = score.members().size();
        long able = score.members().stream()
                .filter(phone -> !phone.rings().isEmpty())
                .count();
        return (able < all ? able + " of " : "") + Says.count(all, "member");
    }

    /// A day where it is more: longer durations are not said.
    private static final int DAY = 24 * 3600;

    private static Seconds shown(long seconds) {
        return new Seconds((int) Math.min(seconds, DAY));
    }
}
