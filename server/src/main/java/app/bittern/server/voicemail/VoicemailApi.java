package app.bittern.server.voicemail;

import app.bittern.server.object.ObjectApi;
import java.util.List;
import java.util.Optional;

/// What the endpoint of voicemail gives.
public final class VoicemailApi {
    private VoicemailApi() {}

    /// A window on the mailboxes.
    ///
    /// @param total     that are found
    /// @param nobodys   how many in the plan belong to nobody and tell nobody
    /// @param unreached to how many no call comes
    /// @param current   whether that is known of this very version; of a large plan it is a finding
    public record VoicemailView(
            long version, int total, int nobodys, int unreached, boolean current, List<MailboxView> mailboxes) {}

    /// A mailbox.
    ///
    /// @param owners    whose it is
    /// @param greetings by the reason for which callers come
    /// @param sent      where messages go, in words
    /// @param full      after how many messages it is full; never where absent
    /// @param longest   the longest message, in words
    /// @param operator  where key 0 leads, in words
    /// @param numbers   whose callers come here, where they are told of all mailboxes
    /// @param followed  whether they are
    /// @param outside   whether calls from outside come here
    /// @param inside    whether phones of the site come here
    /// @param calls     an hour at the busiest that are led straight here, where some are expected
    /// @param days      of eight hours in which those fill it, if all leave a message and nobody collects any
    /// @param nobodys   whether it belongs to nobody and tells nobody
    public record MailboxView(
            String object,
            String title,
            Optional<String> number,
            List<String> owners,
            List<GreetingView> greetings,
            String sent,
            Optional<Integer> full,
            Optional<String> longest,
            Optional<String> operator,
            List<ObjectApi.ReachedBy> numbers,
            boolean followed,
            boolean outside,
            boolean inside,
            Optional<Double> calls,
            Optional<Integer> days,
            boolean nobodys,
            List<ObjectApi.UseView> uses) {}

    /// @param reason `always`, `busy`, `no answer` or `closed`
    /// @param says   what the prompt is called, and its script
    public record GreetingView(String reason, String prompt, String says) {}
}
