package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/// The accounts of a site: people, invitations, machines, and what each did.
@RestController
@RequestMapping("/api/sites/{site}/access")
@Needs(Need.MANAGE)
class AccessController {
    private static final int MOST = 200;
    private static final int MOST_EXPORTED = 100_000;
    private static final Instant EVER = Instant.parse("9999-12-31T00:00:00Z");

    private final Access access;
    private final Invitations invitations;
    private final Machines machines;
    private final Sessions sessions;
    private final SecurityEventRows events;
    private final SecurityLog log;

    AccessController(
            Access access,
            Invitations invitations,
            Machines machines,
            Sessions sessions,
            SecurityEventRows events,
            SecurityLog log) {
        this.access = access;
        this.invitations = invitations;
        this.machines = machines;
        this.sessions = sessions;
        this.events = events;
        this.log = log;
    }

    @GetMapping
    AccountApi.Access access(@PathVariable String site, Who who) {
        return new AccountApi.Access(
                access.people(site, who),
                machines.at(site).stream()
                        .map(one -> new AccountApi.Machine(
                                one.name(),
                                one.rights().stream().map(Right::word).toList(),
                                one.madeBy(),
                                one.madeAt().toString(),
                                one.endsAt().toString(),
                                one.usedAt().map(Instant::toString)))
                        .toList(),
                invitations.at(site).stream()
                        .map(one -> new AccountApi.Invitation(
                                one.id(),
                                one.says(),
                                one.site().isEmpty(),
                                Invitations.words(one.rights()),
                                one.madeBy(),
                                one.madeAt().toString(),
                                one.endsAt().toString()))
                        .toList(),
                access.asksFactor(site),
                who.rights().atEverySite(Right.MANAGE));
    }

    private static boolean every(@Nullable Boolean given) {
        return Boolean.TRUE.equals(given);
    }

    /// What concerns every site is for who manages the accounts of every one.
    private Optional<String> where(String site, boolean every, Who who) {
        if (every && !Need.MANAGE_EVERY_SITE.isMet(who, site)) {
            log.noteRefused(who.name(), Optional.of(site), Need.MANAGE_EVERY_SITE, "POST");
            throw new Refusal(HttpStatus.FORBIDDEN, List.of(Need.MANAGE_EVERY_SITE.says()));
        }
        return every ? Optional.empty() : Optional.of(site);
    }

    private static String told(Set<Right> rights, boolean every) {
        return (rights.isEmpty() ? "nothing" : String.join(", ", Invitations.words(rights)))
                + (every ? " at every site" : "");
    }

    /// Gives an account exactly these rights.
    @PostMapping("/rights")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveRights(@PathVariable String site, @RequestBody AccountApi.NewRights wanted, Who who) {
        Set<Right> rights = Rights.given(Optional.ofNullable(wanted.rights()).orElse(List.of()));
        String account = Optional.ofNullable(wanted.account()).orElse("");
        access.give(account, where(site, every(wanted.every()), who), rights, site);
        sessions.changed();
        log.note(
                SecurityLog.Kind.RIGHTS,
                who.name(),
                Optional.of(site),
                Problem.shown(account, MOST) + " may " + told(rights, every(wanted.every())));
    }

    @PostMapping("/invitations")
    AccountApi.Invited invite(@PathVariable String site, @RequestBody AccountApi.NewInvitation wanted, Who who) {
        Set<Right> rights = Rights.given(Optional.ofNullable(wanted.rights()).orElse(List.of()));
        String secret = invitations.make(
                where(site, every(wanted.every()), who),
                rights,
                Optional.ofNullable(wanted.says()).orElse(""),
                who.name());
        log.note(
                SecurityLog.Kind.INVITATION,
                who.name(),
                Optional.of(site),
                "made an invitation to " + told(rights, every(wanted.every())));
        return new AccountApi.Invited(secret);
    }

    @DeleteMapping("/invitations/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeInvitationBack(@PathVariable String site, @PathVariable String id, Who who) {
        boolean every = who.rights().atEverySite(Right.MANAGE);
        if (!id.matches("[0-9]{1,18}") || !invitations.drop(Long.parseLong(id), site, every)) {
            throw Refusal.missing("There is no such invitation any more.");
        }
        log.note(SecurityLog.Kind.INVITATION, who.name(), Optional.of(site), "took an invitation back");
    }

    @PostMapping("/machines")
    AccountApi.MachineToken makeMachine(@PathVariable String site, @RequestBody AccountApi.NewMachine wanted, Who who) {
        Set<Right> rights = Rights.given(Optional.ofNullable(wanted.rights()).orElse(List.of()));
        String name = Optional.ofNullable(wanted.name()).orElse("");
        int days = Optional.ofNullable(wanted.days()).orElse(0);
        String token = machines.make(name, site, rights, days, who.name());
        log.note(
                SecurityLog.Kind.TOKEN,
                who.name(),
                Optional.of(site),
                "made a token for machine " + name.strip() + " to " + told(rights, false) + ", for " + days + " days");
        return new AccountApi.MachineToken(token);
    }

    @DeleteMapping("/machines/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endMachine(@PathVariable String site, @PathVariable String name, Who who) {
        if (!machines.end(name, site)) {
            throw Refusal.missing("There is no such machine any more.");
        }
        log.note(SecurityLog.Kind.TOKEN, who.name(), Optional.of(site), "ended the token of machine " + name);
    }

    /// Whether the site asks everybody for a second factor.
    @PostMapping("/factor")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void askFactor(@PathVariable String site, @RequestBody AccountApi.AsksFactor wanted, Who who) {
        if (wanted.asks() && !who.factor()) {
            throw Refusal.unusable("Switch on a second factor for your own account first: you would be kept out too.");
        }
        access.askFactor(site, wanted.asks());
        sessions.changed();
        log.note(
                SecurityLog.Kind.FACTOR,
                who.name(),
                Optional.of(site),
                wanted.asks() ? "a second factor is asked for" : "a second factor is not asked for any more");
    }

    /// What was done there, the last first.
    ///
    /// @param account of this one alone
    /// @param kind    of this kind alone
    /// @param before  before this instant (ISO 8601, UTC)
    /// @param most    200 at most
    @GetMapping("/done")
    List<AccountApi.DoneView> done(
            @PathVariable String site,
            @RequestParam(defaultValue = "") String account,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(required = false) @Nullable String before,
            @RequestParam(defaultValue = "50") int most) {
        return events.at(site, account, kind, instant(before), Math.clamp(most, 1, MOST), since(site)).stream()
                .map(one -> new AccountApi.DoneView(
                        one.getAt().toString(), one.getKind(), one.getAccount(), one.getAddress(), one.getSays()))
                .toList();
    }

    /// What was done at another site of that key, which was removed, is no matter of this one.
    private Instant since(String site) {
        return events.removed(site).orElse(Instant.EPOCH);
    }

    private static Instant instant(@Nullable String before) {
        try {
            return before == null ? EVER : Instant.parse(before);
        } catch (DateTimeParseException none) {
            throw Refusal.unusable("before: allowed is an instant such as 2026-11-24T10:15:00Z.");
        }
    }

    /// The same as CSV (RFC 4180), all of it.
    @GetMapping(path = "/done.csv", produces = MediaType.TEXT_PLAIN_VALUE)
    String doneAsCsv(
            @PathVariable String site,
            @RequestParam(defaultValue = "") String account,
            @RequestParam(defaultValue = "") String kind) {
        return events.at(site, account, kind, EVER, MOST_EXPORTED, since(site)).stream()
                .map(one -> List.of(
                        one.getAt().toString(), one.getKind(), one.getAccount(), one.getAddress(), one.getSays()))
                .map(AccessController::line)
                .collect(Collectors.joining("", "at,kind,account,address,says\r\n", ""));
    }

    private static String line(List<String> fields) {
        return fields.stream().map(AccessController::field).collect(Collectors.joining(",", "", "\r\n"));
    }

    /// A field that begins like a formula is not to be taken for one by a spreadsheet.
    private static String field(String text) {
        String safe = text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
        return "\"" + safe.replace("\"", "\"\"") + "\"";
    }
}
