package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Hears;
import app.bittern.plan.Kind;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.Optional;

/// Ring groups.
final class RingGroupFormat implements KindFormat<RingGroup> {
    private static final String ALLOWED_MEMBER =
            "a member such as { extension: \"2001\" } or { outside: \"+447700900321\" }";

    @Override
    public Optional<RingGroup> read(String key, Reading fields) {
        return Optional.of(new RingGroup(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.text("shownAs"),
                fields.usualDuration("ringFor"),
                fields.list("members", RingGroupFormat::member),
                fields.usualFlag("followForwarding"),
                hears(fields),
                fields.destination("noAnswer"),
                fields.destination("busy"),
                fields.destination("unreachable")));
    }

    private static final Choosing HEARS = Choosing.of(Kind.MUSIC).or(Hears.RINGING);

    static Optional<Hears> hears(Reading fields) {
        return fields.choose("hears", HEARS).read("hears", Hears.ALLOWED, Hears::parse);
    }

    static Optional<Member> member(Reading fields) {
        Optional<Party> inside = fields.extension("extension").map(Party.Inside::new);
        Optional<Party> outside = fields.e164("outside").map((E164 number) -> new Party.Outside(number));
        Seconds after = fields.usualDuration("after");
        boolean keyToTake = fields.usualFlag("keyToTake");
        fields.done();
        if (fields.given("extension").isPresent() == fields.given("outside").isPresent()) {
            fields.refusedWhole(ALLOWED_MEMBER);
        }
        return inside.or(() -> outside).map(party -> new Member(party, after, keyToTake));
    }

    @Override
    public Writing write(RingGroup group) {
        return new Writing()
                .text("name", group.name())
                .text("note", group.note())
                .text("number", group.number())
                .text("shownAs", group.shownAs())
                .text("ringFor", group.ringFor())
                .items(
                        "members",
                        group.members().stream().map(RingGroupFormat::member).toList())
                .flag("followForwarding", group.followForwarding(), false)
                .text("hears", group.hears())
                .text("noAnswer", group.noAnswer())
                .text("busy", group.busy())
                .text("unreachable", group.unreachable());
    }

    static Node.Fields member(Member member) {
        Writing written = new Writing();
        switch (member.party()) {
            case Party.Inside(Ref extension) -> written.text("extension", extension.key());
            case Party.Outside(E164 number) -> written.text("outside", number);
        }
        if (member.after().value() > 0) {
            written.text("after", member.after());
        }
        return written.flag("keyToTake", member.keyToTake(), false).done();
    }
}
