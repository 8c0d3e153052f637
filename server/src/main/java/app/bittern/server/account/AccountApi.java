package app.bittern.server.account;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// What is asked and answered about accounts.
final class AccountApi {
    private AccountApi() {}

    /// One's own account.
    ///
    /// @param codes how many codes on paper are left
    public record Own(String name, boolean factor, int codes, List<OpenSession> sessions) {}

    /// @param mine whether it is the one that asks
    public record OpenSession(
            String session, String begun, String seen, String address, String browser, boolean mine) {}

    public record NewPassword(
            @Nullable String current, @Nullable String password) {}

    /// @param password one's own: whoever finds a browser open is not to change what gets in
    public record Confirmed(
            @Nullable String password, @Nullable String code) {}

    /// @param secret as it is typed into a phone
    /// @param uri    the same for a program on this machine, `otpauth://totp/…`
    public record WantedFactor(String secret, String uri) {}

    /// @param codes for paper, not shown again
    public record FactorOn(List<String> codes) {}

    /// Who may do what at a site.
    ///
    /// @param asksFactor whether it asks for a second factor
    /// @param every      whether rights at every site can be given, by who asks
    public record Access(
            List<Person> people,
            List<Machine> machines,
            List<Invitation> invitations,
            boolean asksFactor,
            boolean every) {}

    /// @param rights at this site
    /// @param every  at every site
    /// @param factor whether it has a second factor
    /// @param signedIn when somebody signed in with it last
    public record Person(
            String name,
            List<String> rights,
            List<String> every,
            boolean factor,
            Optional<String> signedIn,
            boolean you) {}

    public record Machine(
            String name, List<String> rights, String madeBy, String made, String ends, Optional<String> used) {}

    public record Invitation(
            long id, String says, boolean every, List<String> rights, String madeBy, String made, String ends) {}

    /// @param every whether they are those at every site
    public record NewRights(
            @Nullable String account,
            @Nullable List<String> rights,
            @Nullable Boolean every) {}

    /// @param says for whom it is, in any words
    public record NewInvitation(
            @Nullable String says,
            @Nullable List<String> rights,
            @Nullable Boolean every) {}

    /// @param secret what the link ends with, not shown again
    public record Invited(String secret) {}

    public record NewMachine(
            @Nullable String name,
            @Nullable List<String> rights,
            @Nullable Integer days) {}

    /// @param token not shown again
    public record MachineToken(String token) {}

    public record AsksFactor(boolean asks) {}

    /// What an invitation is to.
    ///
    /// @param site its title; absent where it is to every one
    public record InvitedTo(Optional<String> site, List<String> rights, String madeBy) {}

    /// @param name     absent where who has signed in takes it for their own account
    public record Acceptance(
            @Nullable String secret,
            @Nullable String name,
            @Nullable String password) {}

    /// Something that was done at a site.
    public record DoneView(String at, String kind, String account, String address, String says) {}
}
