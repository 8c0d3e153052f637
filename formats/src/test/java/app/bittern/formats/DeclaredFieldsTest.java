package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.field.Field;
import app.bittern.field.KindFields;
import app.bittern.plan.Kind;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Each field is said once, in [app.bittern.field.KindFields]: what the reader reads, what the schema tells and
/// what docs/plan-file.md says is that.
class DeclaredFieldsTest {
    private static final Path REFERENCE = Path.of("../docs/plan-file.md");
    private static final String BEGIN = "<!-- The tables below are written by DeclaredFieldsTest. -->\n\n";

    @ParameterizedTest
    @EnumSource
    void everyFieldThatIsReadIsDeclaredAndEveryOtherIsNot(Kind kind) {
        List<String> read = new ArrayList<>();
        PlanSchema.of(kind).walk("", (at, declared, allowed, needed) -> {
            assertThat(declared).as("%s of %s", at, kind).isPresent();
            read.add(at);
        });
        List<String> declared = new ArrayList<>();
        collect("", KindFields.of(kind), declared);
        assertThat(read).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(declared);
    }

    private static void collect(String at, List<Field> fields, List<String> all) {
        for (Field field : fields) {
            String here = at.isEmpty() ? field.name() : at + "." + field.name();
            all.add(here);
            collect(here, field.inner(), all);
        }
    }

    @ParameterizedTest
    @EnumSource
    void everyFieldHasATitleAndASentence(Kind kind) {
        List<Field> work = new ArrayList<>(KindFields.of(kind));
        while (!work.isEmpty()) {
            Field field = work.removeLast();
            assertThat(field.title()).as("the title of %s", field.name()).matches("[A-Z0-9].*[^.:]");
            assertThat(field.help()).as("the help of %s", field.name()).matches("(?s).+[.:]");
            work.addAll(field.inner());
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatIsUsualIsWhatCountsWhereAFieldIsNotGiven(Kind kind) {
        for (Field field : KindFields.of(kind)) {
            Optional<String> usual = field.usual().filter(Field.Usual::value).map(Field.Usual::text);
            if (usual.isPresent()) {
                assertThat(read(kind, Map.of(field.name(), usual.get())))
                        .as("%s: %s", field.name(), usual.get())
                        .isEqualTo(read(kind, Map.of()));
            }
        }
    }

    /// An object of a kind with what it needs, and some fields more.
    private static Optional<? extends PlanObject> read(Kind kind, Map<String, String> more) {
        StringBuilder text = new StringBuilder("{ ");
        more.forEach(
                (name, value) -> text.append(name).append(": ").append(value).append(", "));
        Problems problems = new Problems();
        Node object = YamlNodes.read(text + needed(kind) + " }", problems).orElseThrow();
        Optional<? extends PlanObject> read =
                Formats.read(new Ref(kind, PlanSchema.sample(kind)), object, "x", problems);
        assertThat(problems.inOrder()).isEmpty();
        return read;
    }

    private static String needed(Kind kind) {
        return switch (kind) {
            case HOURS -> "states: [ { state: open } ]";
            case SWITCH -> "positions: [a, b]";
            case OUTBOUND -> "category: local";
            case TRAP_TARGET -> "address: \"192.0.2.7:162\"";
            case ASK -> "digits: 5";
            case TRUNK -> "channels: 2, delivers: e164";
            case PROMISE -> "never: { ends: [busy] }";
            case SITE,
                    NUMBER,
                    ROUTE,
                    BRANCH,
                    ANNOUNCEMENT,
                    MENU,
                    LOOKUP,
                    RING_GROUP,
                    HUNT_GROUP,
                    QUEUE,
                    EXTENSION,
                    CHAIN,
                    PROMPT,
                    PAGE,
                    ALARM,
                    MAILBOX,
                    MUSIC,
                    CONTACT,
                    CLASS_OF_SERVICE,
                    CODE,
                    RECIPIENTS,
                    PAUSE_REASON,
                    CALL_RESULT,
                    AGENT_NOTE,
                    TRAFFIC,
                    TEST_CALL,
                    ACCEPTED -> "";
        };
    }

    @Test
    void theReferenceHasTheFieldsAsTheyAreDeclared() throws IOException {
        assertThat(Files.readString(REFERENCE)).contains(BEGIN + PlanReference.text());
    }

    @Test
    @EnabledIfSystemProperty(named = "bittern.write-reference", matches = "true")
    void writesTheTablesAnew() throws IOException {
        String before = Files.readString(REFERENCE);
        Files.writeString(REFERENCE, before.substring(0, before.indexOf(BEGIN)) + BEGIN + PlanReference.text());
    }
}
