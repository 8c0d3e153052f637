package app.bittern.server.voicemail;

import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.finding.Findings;
import app.bittern.server.object.Reaching;
import app.bittern.server.object.Said;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import app.bittern.traffic.ExpectedCalls;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// The mailboxes of a plan.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class VoicemailController {
    private static final int MOST = 100;
    private static final int WORKING_HOURS = 8;
    /// Of a plan of more numbers it is told of one mailbox at a time which come to it: of each all paths are gone over.
    private static final int FOLLOWED = 50;

    private final Work work;
    private final Reaching reaching;
    private final Findings findings;

    VoicemailController(Work work, Reaching reaching, Findings findings) {
        this.work = work;
        this.findings = findings;
        this.reaching = reaching;
    }

    /// A window on the mailboxes.
    ///
    /// @param find a part of name or number
    /// @param only `nobodys` or `unreached`; all where empty
    /// @param from the first, from 0
    /// @param rows how many, 100 at most
    @GetMapping("/voicemail")
    VoicemailApi.VoicemailView voicemail(
            Asked asked,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String only,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "20") int rows) {
        Plan plan = asked.plan();
        boolean followed = plan.all(InboundNumber.class).count() <= FOLLOWED;
        Optional<Examination> examination = followed ? Optional.of(work.examination(asked)) : Optional.empty();
        Findings.State known = findings.of(asked, Duration.ZERO);
        Set<Ref> never = known.findings().stream()
                .filter(finding -> finding.code().equals("not-reached"))
                .map(Finding::object)
                .collect(Collectors.toSet());
        Map<Ref, List<String>> owners = owners(plan);
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        List<Mailbox> all = plan.all(Mailbox.class).toList();
        List<Mailbox> nobodys = all.stream().filter(box -> nobodys(box, owners)).toList();
        List<Mailbox> unreached = all.stream()
                .filter(box -> examination
                        .map(one -> one.everywhere().stream().noneMatch(calls -> calls.comesTo(box.ref())))
                        .orElseGet(() -> never.contains(box.ref())))
                .toList();
        List<Mailbox> found = (only.equals("nobodys") ? nobodys : only.equals("unreached") ? unreached : all)
                .stream()
                        .filter(box -> (box.title() + " " + box.number().orElse(""))
                                .toLowerCase(Locale.ROOT)
                                .contains(wanted))
                        .toList();
        Map<Ref, Double> calls = ExpectedCalls.callsPerHour(plan);
        return new VoicemailApi.VoicemailView(
                asked.version(),
                found.size(),
                nobodys.size(),
                unreached.size(),
                followed || known.current(),
                found.stream()
                        .skip(Math.max(0, from))
                        .limit(Math.clamp(rows, 0, MOST))
                        .map(box -> view(
                                asked,
                                box,
                                owners,
                                examination
                                        .map(one -> one.reached().comesTo(box.ref()))
                                        .orElseGet(() -> !never.contains(box.ref())),
                                examination
                                        .map(one -> one.dialled().comesTo(box.ref()))
                                        .orElse(false),
                                followed,
                                Optional.ofNullable(calls.get(box.ref()))))
                        .toList());
    }

    /// Whose each mailbox is: its owner's, else those whose extension has it.
    private static Map<Ref, List<String>> owners(Plan plan) {
        Map<Ref, List<String>> owners = new HashMap<>();
        plan.all(Extension.class)
                .forEach(one -> one.mailbox()
                        .ifPresent(box -> owners.computeIfAbsent(box, ref -> new ArrayList<>())
                                .add(one.title())));
        plan.all(Mailbox.class)
                .forEach(box -> box.owner().ifPresent(owner -> owners.put(box.ref(), List.of(plan.title(owner)))));
        return owners;
    }

    private static boolean nobodys(Mailbox box, Map<Ref, List<String>> owners) {
        return !owners.containsKey(box.ref()) && box.email().isEmpty();
    }

    private VoicemailApi.MailboxView view(
            Asked asked,
            Mailbox box,
            Map<Ref, List<String>> owners,
            boolean outside,
            boolean inside,
            boolean followed,
            Optional<Double> calls) {
        Plan plan = asked.plan();
        return new VoicemailApi.MailboxView(
                box.ref().toString(),
                box.title(),
                box.number(),
                owners.getOrDefault(box.ref(), List.of()),
                greetings(plan, box),
                sent(box),
                box.mostMessages(),
                box.longestMessage().map(Seconds::said),
                box.keyZero().map(to -> Said.destination(plan, to)),
                followed ? reaching.of(asked, box.ref()).numbers() : List.of(),
                followed,
                outside,
                inside,
                calls.filter(rate -> rate > 0),
                calls.filter(rate -> rate > 0)
                        .flatMap(rate -> box.mostMessages()
                                .map(most -> Math.max(1, (int) Math.ceil(most / (rate * WORKING_HOURS))))),
                nobodys(box, owners),
                Reaching.uses(plan, box.ref()));
    }

    private static List<VoicemailApi.GreetingView> greetings(Plan plan, Mailbox box) {
        return Stream.concat(
                        box.greeting().map(one -> greeting(plan, "always", one)).stream(),
                        box.greetings().entrySet().stream()
                                .map(one -> greeting(
                                        plan,
                                        one.getKey()
                                                .name()
                                                .toLowerCase(Locale.ROOT)
                                                .replace('_', ' '),
                                        one.getValue())))
                .toList();
    }

    private static VoicemailApi.GreetingView greeting(Plan plan, String reason, Spoken spoken) {
        String language = spoken.language().orElse(plan.site().defaultLanguage());
        return new VoicemailApi.GreetingView(
                reason,
                plan.title(spoken.prompt()),
                plan.find(spoken.prompt(), Prompt.class)
                        .flatMap(prompt -> prompt.script(language, plan.site().defaultLanguage()))
                        .orElse(""));
    }

    private static String sent(Mailbox box) {
        if (box.email().isEmpty()) {
            return "kept, and collected by phone";
        }
        return "mailed to " + String.join(", ", box.email()) + (box.deliver().withSound() ? " with the sound" : "")
                + (box.deliver().thenRemove() ? ", then removed" : ", and kept");
    }
}
