package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import app.bittern.plan.Switch;
import app.bittern.plan.Traffic;
import app.bittern.traffic.ErlangA;
import app.bittern.traffic.ErlangB;
import app.bittern.traffic.ErlangC;
import app.bittern.traffic.ExpectedCalls;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Fewer voice channels than the expected calls need: what is said to each once, and their mean wait in queues.
/// How long callers speak to mailboxes, and who hears something twice, is not known and not counted, so that it
/// is at least so much.
final class VoiceChannels implements Check {
    private static final About ABOUT = new About(
            "voice-channels",
            "Too few voice channels",
            Severity.WARNING,
            "Fewer voice channels than are needed to speak to the expected calls.",
            "Callers hear nothing, or are not taken. Let the system speak to more calls at once, or to each for less long.");

    private static final double MOST_LOST = 0.01;

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Optional<Traffic> traffic = plan.all(Traffic.class).findFirst();
        Optional<Integer> channels = plan.site().voiceChannels();
        if (traffic.isEmpty() || channels.isEmpty()) {
            return List.of();
        }
        double erlangs = ExpectedCalls.callsPerHour(plan).entrySet().stream()
                .mapToDouble(calls -> plan.find(calls.getKey())
                        .map(object -> calls.getValue() * spoken(plan, object, traffic.get(), calls.getValue()) / 3600)
                        .orElse(0.0))
                .sum();
        double lost = ErlangB.blocking(erlangs, channels.get());
        return lost <= MOST_LOST
                ? List.of()
                : List.of(ABOUT.at(
                                plan.site().ref(),
                                Pointer.of("voiceChannels"),
                                String.format(
                                        Locale.ROOT,
                                        "%s can speak to %s at once; at the busiest at least %.1f erlangs are spoken to, of which %.1f%% find no voice channel; with %d it is 1%% at most.",
                                        Says.the(plan.site()),
                                        Says.count(channels.get(), "call"),
                                        erlangs,
                                        lost * 100,
                                        ErlangB.channels(erlangs, MOST_LOST)))
                        .of(channels.get(), String.format(Locale.ROOT, "%.2f", erlangs)));
    }

    /// For how many seconds a call is spoken to in an object.
    private static double spoken(Plan plan, PlanObject object, Traffic traffic, double calls) {
        return switch (object) {
            case Announcement announcement -> said(plan, announcement.prompts());
            case Menu menu -> said(plan, menu.prompts());
            case Ask ask -> said(plan, ask.prompts());
            case Mailbox mailbox -> said(plan, mailbox.greeting().stream().toList());
            case Queue queue ->
                said(plan, queue.onJoining().stream().toList())
                        + (queue.hears().filter(hears -> hears.sounds(plan)).isPresent()
                                ? wait(queue, traffic, calls)
                                : 0);
            case Group group -> 0;
            case Extension extension -> 0;
            case Chain chain -> 0;
            case Branch branch -> 0;
            case Page page -> 0;
            case Route route -> 0;
            case Code code -> 0;
            case Switch turned -> 0;
            case Outbound outbound -> 0;
            case Aside aside -> 0;
        };
    }

    private static double said(Plan plan, List<Spoken> prompts) {
        String language = plan.site().defaultLanguage();
        return prompts.stream()
                .mapToDouble(one -> plan.seconds(one.prompt(), one.in(language)))
                .sum();
    }

    /// The mean wait, no longer than the longest.
    private static double wait(Queue queue, Traffic traffic, double calls) {
        double handling = ExpectedCalls.handling(traffic, queue);
        int agents = queue.agents().size();
        double load = calls * handling / 3600;
        double wait = agents == 0
                ? Double.POSITIVE_INFINITY
                : traffic.patience()
                        .map(Seconds::value)
                        .map(patience -> new ErlangA(load, agents, handling, patience).meanWait())
                        .orElseGet(() -> new ErlangC(load, agents, handling).meanWait());
        return Math.min(wait, queue.longestWait());
    }
}
