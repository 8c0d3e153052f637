package app.bittern.formats;

import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Skill;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Extensions.
final class ExtensionFormat implements KindFormat<Extension> {
    private static final List<String> PHONES = List.of("desk", "soft", "mobile");

    @Override
    public Optional<Extension> read(String key, Reading fields) {
        boolean noPhones = fields.given("phones").isEmpty();
        List<String> phones = fields.choose("phones", Choosing.words(PHONES))
                .parsed(
                        "phones",
                        "one of desk, soft, mobile",
                        text -> PHONES.contains(text) ? Optional.of(text) : Optional.empty());
        return Optional.of(new Extension(
                key,
                fields.text("name"),
                fields.text("note"),
                noPhones ? List.of("desk") : phones,
                fields.usualDuration("ringFor"),
                fields.usualFlag("callWaiting"),
                fields.usualFlag("doNotDisturb"),
                fields.inner("forward").map(ExtensionFormat::forward).orElse(Extension.Forward.NONE),
                fields.ref("mailbox", Kind.MAILBOX),
                fields.choose("classOfService", Choosing.keys(Kind.CLASS_OF_SERVICE))
                        .read(
                                "classOfService",
                                "the key of a class of service, such as staff",
                                text -> Ref.sound(Kind.CLASS_OF_SERVICE, text)
                                        ? Optional.of(new Ref(Kind.CLASS_OF_SERVICE, text))
                                        : Optional.empty()),
                fields.parsed("languages", SiteFormat.ALLOWED_LANGUAGE, SiteFormat::language),
                fields.e164("callerId"),
                person(fields)));
    }

    private static Extension.Person person(Reading fields) {
        return new Extension.Person(
                fields.text("email"),
                fields.inner("place").map(ExtensionFormat::place),
                fields.read(
                        "agentId",
                        "3 to 8 digits in quotes",
                        text -> text.matches("[0-9]{3,8}") ? Optional.of(text) : Optional.empty()),
                skills(fields, "skills"));
    }

    private static Extension.Place place(Reading fields) {
        Extension.Place place = new Extension.Place(fields.text("building"), fields.text("floor"), fields.text("room"));
        fields.done();
        return place;
    }

    /// Skills by word, each with how well.
    static Map<String, Skill> skills(Reading fields, String field) {
        return fields.map(field, (skill, entry) -> {
            if (!skill.matches("[a-z][a-z0-9-]{0,39}")) {
                entry.keyRefused(skill, "a skill in lower-case words with hyphens");
                return Optional.empty();
            }
            return Scalars.text(entry.node(), entry.where(), Skill.ALLOWED, Skill::parse, entry.problems());
        });
    }

    static Writing skills(Map<String, Skill> skills) {
        Writing written = new Writing();
        skills.forEach((skill, level) -> written.text(skill, level));
        return written;
    }

    private static Extension.Forward forward(Reading fields) {
        Extension.Forward forward = new Extension.Forward(
                fields.destination("always"),
                fields.destination("busy"),
                fields.destination("noAnswer"),
                fields.destination("unreachable"));
        fields.done();
        return forward;
    }

    @Override
    public Writing write(Extension extension) {
        Writing written = new Writing().text("name", extension.name()).text("note", extension.note());
        written.node(
                "phones",
                new Node.Items(
                        extension.phones().stream().<Node>map(Node.Scalar::text).toList(), Node.Place.NONE));
        if (!extension.ringFor().equals(Extension.RING_FOR)) {
            written.text("ringFor", extension.ringFor());
        }
        return written.flag("callWaiting", extension.callWaiting(), false)
                .flag("doNotDisturb", extension.doNotDisturb(), false)
                .fields(
                        "forward",
                        new Writing()
                                .text("always", extension.forward().always())
                                .text("busy", extension.forward().busy())
                                .text("noAnswer", extension.forward().noAnswer())
                                .text("unreachable", extension.forward().unreachable()))
                .text("mailbox", extension.mailbox())
                .text("classOfService", extension.classOfService().map(Ref::key))
                .texts("languages", extension.languages())
                .text("callerId", extension.callerId())
                .text("email", extension.person().email())
                .fields(
                        "place",
                        extension.person().place().map(ExtensionFormat::place).orElseGet(Writing::new))
                .text("agentId", extension.person().agentId())
                .fields("skills", skills(extension.skills()));
    }

    private static Writing place(Extension.Place place) {
        return new Writing()
                .text("building", place.building())
                .text("floor", place.floor())
                .text("room", place.room());
    }
}
