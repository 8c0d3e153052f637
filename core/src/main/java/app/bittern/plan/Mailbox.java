package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Takes a message (voicemail).
///
/// @param email      where messages are sent
/// @param maxMessage the longest message
/// @param keep       how many messages are kept; then it is full
/// @param operator   where key 0 leads while the greeting is said
public record Mailbox(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<Ref> greeting,
        List<String> email,
        Optional<Seconds> maxMessage,
        Optional<Integer> keep,
        Optional<Destination> operator)
        implements PlanObject {
    public Mailbox {
        email = List.copyOf(email);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.MAILBOX, key);
    }

    @Override
    public List<Link> links() {
        return new Link.Collector()
                .ref("greeting", greeting)
                .may("operator", operator)
                .done();
    }
}
