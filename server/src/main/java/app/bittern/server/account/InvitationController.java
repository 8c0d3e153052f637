package app.bittern.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
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

    InvitationController(Invitations invitations, Sessions sessions, SecurityLog log) {
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
                .orElseGet(() -> invitations.accept(
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
            log.note(SecurityLog.Kind.SIGN_IN, accepted.account(), Optional.empty(), "signed in");
        }
        return new Session(Optional.of(accepted.account()), false, false);
    }
}
