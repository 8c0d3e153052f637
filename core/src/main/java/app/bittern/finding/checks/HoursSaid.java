package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Route;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A prompt that tells when somebody is there, at a time at which none of the hours begins or ends that decide whether
/// it is heard.
final class HoursSaid extends PerObject<Prompt> {
    private static final About ABOUT = new About(
            "hours-said",
            "Other hours said",
            Severity.WARNING,
            "A prompt that says when it is open or closed, with a time or a day that is not in the calendar.",
            "Callers come back when nobody is there. Change the words, or the hours. Times by the clock are looked for in any language, hours in words and days in English and Norwegian; others are not looked at.");

    /// The dot of `p.m.` ends none.
    private static final Pattern SENTENCES = Pattern.compile("(?<![ap]\\.m\\.)(?<=[.!?;])\\s+");

    /// How words begin that are about being open or closed.
    private static final List<String> OPEN = List.of(
            "open",
            "close",
            "hours",
            "åpen",
            "åpne",
            "åpning",
            "steng",
            "lukk",
            "geöffnet",
            "öffn",
            "geschlossen",
            "schließ",
            "öppe",
            "stäng",
            "åben",
            "ouvert",
            "ferm",
            "abiert",
            "cerrad");

    HoursSaid() {
        super(ABOUT, Prompt.class);
    }

    @Override
    Stream<Finding> look(Prompt prompt, Examination examination) {
        List<Finding> findings = new ArrayList<>();
        prompt.scripts().forEach((language, script) -> {
            List<ClockTimes.Said> times = Stream.of(SENTENCES.split(script))
                    .filter(HoursSaid::aboutHours)
                    .flatMap(sentence -> ClockTimes.in(sentence, language).stream())
                    .toList();
            List<SaidDays> days = Stream.of(SENTENCES.split(script))
                    .flatMap(sentence -> SaidDays.in(sentence, language).stream())
                    .toList();
            List<Hours> hours = times.isEmpty() && days.isEmpty() ? List.of() : decide(examination.plan(), prompt);
            days.stream()
                    .filter(said -> !hours.isEmpty())
                    .forEach(said -> otherwise(said, hours)
                            .forEach(day -> findings.add(ABOUT.at(
                                            prompt.ref(),
                                            Pointer.of(language),
                                            Says.the(prompt) + " says " + (said.open() ? "open" : "closed") + " on "
                                                    + day.getDisplayName(TextStyle.FULL, Locale.ENGLISH) + " in "
                                                    + language + "; by " + said(hours) + " it is "
                                                    + (said.open() ? "closed" : "open") + " then.")
                                    .of(language, day))));
            Set<Integer> ends = ends(hours);
            times.stream()
                    .filter(time -> !ends.isEmpty() && time.minutes().stream().noneMatch(ends::contains))
                    .forEach(time -> findings.add(ABOUT.at(
                                    prompt.ref(),
                                    Pointer.of(language),
                                    Says.the(prompt) + " says " + time.words() + " in " + language + "; " + said(hours)
                                            + " " + (hours.size() == 1 ? "has" : "have") + " no such time ("
                                            + clock(ends) + ").")
                            .of(language, time.words())));
        });
        return findings.stream();
    }

    /// The days of which it is said that it is open, and no hours begin or end there; or closed, and some do.
    private static List<DayOfWeek> otherwise(SaidDays said, List<Hours> hours) {
        return said.days().stream()
                .filter(day -> {
                    List<WeekRange> ranges = hours.stream()
                            .flatMap(one -> one.calendar().states().stream())
                            .flatMap(state -> state.weekly().stream())
                            .filter(range -> range.days().contains(day))
                            .toList();
                    return said.open()
                            ? ranges.isEmpty()
                            : ranges.stream().anyMatch(range -> range.start() > 0 || range.end() < 24 * 60);
                })
                .toList();
    }

    private static boolean aboutHours(String sentence) {
        return Stream.of(sentence.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .anyMatch(word -> OPEN.stream().anyMatch(word::startsWith));
    }

    /// The hours that decide whether calls come to what says a prompt.
    private static List<Hours> decide(Plan plan, Prompt prompt) {
        Set<Ref> hours = new LinkedHashSet<>();
        Deque<Ref> work = new ArrayDeque<>();
        plan.uses(prompt.ref()).stream()
                .filter(use -> use.slot().role() == Role.SAYS)
                .forEach(use -> work.add(use.object()));
        Set<Ref> seen = new LinkedHashSet<>();
        while (!work.isEmpty()) {
            Ref ref = work.remove();
            if (!seen.add(ref)) {
                continue;
            }
            plan.find(ref).stream().flatMap(HoursSaid::asked).forEach(hours::add);
            plan.uses(ref).stream().filter(use -> use.slot().leads()).forEach(use -> work.add(use.object()));
        }
        return hours.stream()
                .flatMap(ref -> plan.find(ref, Hours.class).stream())
                .toList();
    }

    private static Stream<Ref> asked(PlanObject object) {
        return object instanceof Branch || object instanceof Route
                ? object.slots().stream()
                        .flatMap(slot -> slot.target().stream())
                        .filter(ref -> ref.kind() == Kind.HOURS)
                : Stream.empty();
    }

    private static Set<Integer> ends(List<Hours> hours) {
        return hours.stream()
                .flatMap(one -> one.calendar().states().stream())
                .flatMap(state -> state.weekly().stream())
                .flatMap(HoursSaid::ends)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Stream<Integer> ends(WeekRange range) {
        return Stream.of(range.start() % (24 * 60), range.end() % (24 * 60));
    }

    private static String said(List<Hours> hours) {
        return Says.some(hours.stream().map(PlanObject::title).toList());
    }

    private static String clock(Set<Integer> minutes) {
        return Says.some(minutes.stream()
                .map(at -> String.format(Locale.ROOT, "%02d:%02d", at / 60, at % 60))
                .toList());
    }
}
