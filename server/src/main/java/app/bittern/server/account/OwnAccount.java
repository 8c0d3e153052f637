package app.bittern.server.account;

import app.bittern.server.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/// One's own account: password, second factor, open sessions.
@RestController
@RequestMapping("/api/account")
@Needs(Need.PERSON)
class OwnAccount {
    private final Accounts accounts;
    private final Passwords passwords;
    private final SecondFactor factor;
    private final Sessions sessions;
    private final Attempts attempts;
    private final SecurityLog log;

    OwnAccount(
            Accounts accounts,
            Passwords passwords,
            SecondFactor factor,
            Sessions sessions,
            Attempts attempts,
            SecurityLog log) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.factor = factor;
        this.sessions = sessions;
        this.attempts = attempts;
        this.log = log;
    }

    @GetMapping
    AccountApi.Own account(Who who) {
        return new AccountApi.Own(
                who.name(),
                who.factor(),
                factor.codesLeft(who.name()),
                sessions.of(who).stream()
                        .map(one -> new AccountApi.OpenSession(
                                one.session(),
                                one.begunAt().toString(),
                                one.seenAt().toString(),
                                one.address(),
                                one.browser(),
                                one.session().equals(who.session())))
                        .toList());
    }

    /// Changes the password; all other sessions of the account end.
    @PostMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(@RequestBody AccountApi.NewPassword wanted, Who who, HttpServletRequest request) {
        confirmed(who, wanted.current());
        String fresh = Optional.ofNullable(wanted.password()).orElse("");
        passwords.check(who.name(), fresh);
        accounts.password(who.name(), accounts.hashed(fresh));
        sessions.endOthers(who.name(), request);
        log.note(SecurityLog.Kind.PASSWORD, who.name(), Optional.empty(), "password changed");
    }

    /// A password that is asked again is held to the same number of attempts as at the sign-in.
    private void confirmed(Who who, @Nullable String password) {
        List<Attempts.Needed> needed = taken(who);
        if (!accounts.isPassword(who.name(), Optional.ofNullable(password).orElse(""))) {
            log.note(SecurityLog.Kind.FAILURE, who.name(), Optional.empty(), "wrong password, asked again");
            throw Refusal.unusable("That is not your password.");
        }
        attempts.givenBack(needed);
    }

    private List<Attempts.Needed> taken(Who who) {
        // Of the session and not of the name: a stranger's wrong passwords do not keep the owner from this.
        List<Attempts.Needed> needed = List.of(Attempts.Needed.ofSession(who.session()));
        Duration wait = attempts.taken(needed);
        if (!wait.isZero()) {
            log.noteHeld(who.name());
            throw Attempts.tooMany(wait);
        }
        return needed;
    }

    /// Begins to switch a second factor on: it counts once a code of it was right.
    @PostMapping("/factor")
    AccountApi.WantedFactor wantFactor(@RequestBody AccountApi.Confirmed given, Who who) {
        confirmed(who, given.password());
        if (who.factor()) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    List.of("A second factor is on: switch it off with a code of it first, then set up the other."));
        }
        String secret = factor.want(who.name());
        String label = URLEncoder.encode("Bittern:" + who.name(), StandardCharsets.UTF_8)
                .replace("+", "%20");
        return new AccountApi.WantedFactor(secret, "otpauth://totp/" + label + "?secret=" + secret + "&issuer=Bittern");
    }

    /// Switches it on; all other sessions of the account end, for they were begun without.
    @PostMapping("/factor/on")
    AccountApi.FactorOn factorOn(@RequestBody AccountApi.Confirmed given, Who who, HttpServletRequest request) {
        List<String> codes =
                factor.confirm(who.name(), Optional.ofNullable(given.code()).orElse(""));
        sessions.endOthers(who.name(), request);
        log.note(SecurityLog.Kind.FACTOR, who.name(), Optional.empty(), "second factor switched on");
        return new AccountApi.FactorOn(codes);
    }

    @PostMapping("/factor/off")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void factorOff(@RequestBody AccountApi.Confirmed given, Who who) {
        confirmed(who, given.password());
        // A code is held to the same number: there are only a million.
        List<Attempts.Needed> needed = taken(who);
        if (!factor.off(who.name(), Optional.ofNullable(given.code()).orElse(""))) {
            log.note(SecurityLog.Kind.FAILURE, who.name(), Optional.empty(), "wrong code, to switch it off");
            throw Refusal.unusable(SecondFactor.WRONG);
        }
        attempts.givenBack(needed);
        sessions.changed();
        log.note(SecurityLog.Kind.FACTOR, who.name(), Optional.empty(), "second factor switched off");
    }

    /// Ends one of one's own sessions, in another browser.
    @DeleteMapping("/sessions/{session}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSession(@PathVariable String session, Who who) {
        if (!sessions.end(who, session)) {
            throw Refusal.missing("There is no such session any more.");
        }
        log.note(SecurityLog.Kind.SESSION, who.name(), Optional.empty(), "a session ended from another browser");
    }
}
