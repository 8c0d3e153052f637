package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.Optional;

/// Ring groups.
final class RingGroupFormat implements KindFormat<RingGroup> {
    private static final Seconds RING_FOR = new Seconds(20);
    private static final String ALLOWED_MEMBER =
            "a member such as { extension: \"2001\" } or { outside: \"+447700900321\" }";

    @Override
    public Optional<RingGroup> read(String key, Reading fields) {
        return Optional.of(new RingGroup(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.text("prefix"),
                fields.duration("ringFor").orElse(RING_FOR),
                fields.list("members", (node, where) -> member(Reading.of(node, where, fields.problems()))),
                fields.flag("honourForwarding", false),
                fields.destination("noAnswer", false),
                fields.destination("busy", false),
                fields.destination("unreachable", false)));
    }

    private static Optional<RingGroup.Member> member(Reading fields) {
        Optional<RingGroup.Party> inside = fields.read(
                "extension",
                "the number of an extension in quotes",
                text -> Ref.sound(Kind.EXTENSION, text)
                        ? Optional.of(new RingGroup.Party.Inside(new Ref(Kind.EXTENSION, text)))
                        : Optional.empty());
        Optional<RingGroup.Party> outside =
                fields.e164("outside").map((E164 number) -> new RingGroup.Party.Outside(number));
        Seconds after = fields.duration("after").orElse(new Seconds(0));
        boolean confirm = fields.flag("confirm", false);
        fields.done();
        if (fields.node("extension").isPresent() == fields.node("outside").isPresent()) {
            fields.problems().add(fields.fields(), fields.where(), ALLOWED_MEMBER);
        }
        return inside.or(() -> outside).map(party -> new RingGroup.Member(party, after, confirm));
    }

    @Override
    public Writing write(RingGroup group) {
        return new Writing()
                .text("name", group.name())
                .text("note", group.note())
                .text("number", group.number())
                .text("prefix", group.prefix())
                .text("ringFor", group.ringFor())
                .items(
                        "members",
                        group.members().stream().map(RingGroupFormat::member).toList())
                .flag("honourForwarding", group.honourForwarding(), false)
                .text("noAnswer", group.noAnswer())
                .text("busy", group.busy())
                .text("unreachable", group.unreachable());
    }

    private static Node.Fields member(RingGroup.Member member) {
        Writing written = new Writing();
        switch (member.party()) {
            case RingGroup.Party.Inside(Ref extension) -> written.text("extension", extension.key());
            case RingGroup.Party.Outside(E164 number) -> written.text("outside", number);
        }
        if (member.after().value() > 0) {
            written.text("after", member.after());
        }
        return written.flag("confirm", member.confirm(), false).done();
    }
}
