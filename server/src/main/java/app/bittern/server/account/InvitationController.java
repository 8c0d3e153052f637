package app.bittern.server.account;

import app.bittern.server.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/// Where an invitation is used. Its secret stands in the body, and in the link behind the `#`: no log on the way has
/// it.
@RestController
@RequestMapping("/api/invitations")
@Needs(Need.NOTHING)
class InvitationController {
    private final Invitations invitations;
    private final Sessions sessions;
    private final SecurityLog log;
    private final Attempts attempts;
    private final KnownBrowsers browsers;

    InvitationController(
            Invitations invitations, Sessions sessions, SecurityLog log, Attempts attempts, KnownBrowsers browsers) {
        this.attempts = attempts;
        this.browsers = browsers;
        this.invitations = invitations;
        this.sessions = sessions;
        this.log = log;
    }

    /// What an invitation is to.
    @PostMapping("/looked-at")
    AccountApi.InvitedTo invitation(@RequestBody AccountApi.Acceptance given) {
        return invitations.look(Optional.ofNullable(given.secret()).orElse(""));
    }

    /// Uses it: makes an account and signs in, or gives who has signed in the rights.
    @PostMapping("/accepted")
    Session acceptInvitation(
            @RequestBody AccountApi.Acceptance given, HttpServletRequest request, HttpServletResponse response) {
        String secret = Optional.ofNullable(given.secret()).orElse("");
        Optional<Who> who = Asking.who(request).filter(one -> !one.machine() && given.name() == null);
        Invitations.Accepted accepted = who.map(one -> invitations.accept(secret, one))
                .orElseGet(() -> make(
                        secret,
                        Optional.ofNullable(given.name()).orElse(""),
                        Optional.ofNullable(given.password()).orElse("")));
        log.note(
                SecurityLog.Kind.INVITATION,
                accepted.account(),
                accepted.site(),
                "took an invitation to " + String.join(", ", accepted.rights()));
        sessions.changed();
        if (who.isEmpty()) {
            sessions.begin(accepted.account(), request, response);
            browsers.remember(request, response, accepted.account());
            log.note(SecurityLog.Kind.SIGN_IN, accepted.account(), Optional.empty(), "signed in");
        }
        return new Session(Optional.of(accepted.account()), false, false);
    }

    /// Makes an account; a name that is taken costs a token of the invitation.
    private Invitations.Accepted make(String secret, String name, String password) {
        // Who has none takes no token: strangers cannot make more of these than there are invitations.
        invitations.look(secret);
        List<Attempts.Needed> needed = List.of(Attempts.Needed.ofInvitation(secret));
        Duration wait = attempts.taken(needed);
        if (!wait.isZero()) {
            throw new Refusal(
                    HttpStatus.TOO_MANY_REQUESTS,
                    List.of("Too many names that are taken were tried with this invitation: try again in "
                            + Attempts.seconds(wait) + " s."));
        }
        try {
            Invitations.Accepted accepted = invitations.accept(secret, name, password);
            attempts.givenBack(needed);
            return accepted;
        } catch (Refusal refused) {
            if (refused.status() != HttpStatus.CONFLICT) {
                attempts.givenBack(needed);
            }
            throw refused;
        }
    }
}
