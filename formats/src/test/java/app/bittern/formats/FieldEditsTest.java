package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class FieldEditsTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private final Plan demo = PlanFileTest.demo();

    private static Ref ref(String text) {
        return Ref.parse(text).orElseThrow();
    }

    private static Pointer pointer(String text) {
        return Pointer.parse(text).orElseThrow();
    }

    private static Optional<JsonNode> json(String text) {
        return Optional.of(MAPPER.readTree(text));
    }

    private Plan after(Planned result) {
        assertThat(result).as("%s", result).isInstanceOf(Planned.Made.class);
        PlanEdit edit = ((Planned.Made) result).edit();
        assertThat(EditJson.read(MAPPER.readTree(EditJson.write(edit).toString())))
                .isEqualTo(edit);
        return ((Edits.Result.Applied) Edits.apply(demo, edit)).plan();
    }

    private String at(Plan plan, String ref, String pointer) {
        return ObjectJson.write(plan.find(ref(ref)).orElseThrow()).at(pointer).asString("");
    }

    @Test
    void aFieldIsSetWhereverItStands() {
        assertThat(at(
                        after(FieldEdits.set(demo, ref("ring-group/reception"), pointer("/ringFor"), json("\"25s\""))),
                        "ring-group/reception",
                        "/ringFor"))
                .isEqualTo("25s");
        assertThat(at(
                        after(FieldEdits.set(
                                demo, ref("menu/front-desk"), pointer("/keys/3/to"), json("\"mailbox/bookings\""))),
                        "menu/front-desk",
                        "/keys/3/to"))
                .isEqualTo("mailbox/bookings");
        assertThat(at(
                        after(FieldEdits.set(demo, ref("menu/front-desk"), pointer("/keys/5/to"), json("\"hang-up\""))),
                        "menu/front-desk",
                        "/keys/5/to"))
                .isEqualTo("hang-up");
        assertThat(at(
                        after(FieldEdits.set(
                                demo,
                                ref("hours/terminal"),
                                pointer("/states/2/weekly/0"),
                                json("\"Mon-Sat 07:30-20:00\""))),
                        "hours/terminal",
                        "/states/2/weekly/0"))
                .isEqualTo("Mon-Sat 07:30-20:00");
        assertThat(at(
                        after(FieldEdits.set(demo, ref("menu/front-desk"), pointer("/keys/3"), Optional.empty())),
                        "menu/front-desk",
                        "/keys/3/to"))
                .isEmpty();
    }

    /// What is written by one field alone keeps it when another is given, and is written so again when that is gone.
    @Test
    void whatIsWrittenByOneFieldAloneKeepsItBesideAnother() {
        Ref branch = ref("branch/terminal-hours");
        Plan greeted = after(FieldEdits.set(demo, branch, pointer("/cases/closed/greetAs"), json("\"closed\"")));
        assertThat(at(greeted, "branch/terminal-hours", "/cases/closed/to")).isEqualTo("announcement/closed");
        assertThat(at(greeted, "branch/terminal-hours", "/cases/closed/greetAs"))
                .isEqualTo("closed");
        Planned back = FieldEdits.set(greeted, branch, pointer("/cases/closed/greetAs"), Optional.empty());
        assertThat(((Planned.Made) back).edit())
                .isEqualTo(new PlanEdit.Put(demo.find(branch).orElseThrow()));
        Plan rest = after(
                FieldEdits.set(demo, ref("branch/coach-due"), pointer("/else/sets/tags"), json("[ \"not-due\" ]")));
        assertThat(at(rest, "branch/coach-due", "/else/to")).isEqualTo("announcement/coach-details");
        Plan several = after(FieldEdits.set(
                demo, ref("mailbox/freight"), pointer("/greeting/closed"), json("\"prompt/mailbox-closed\"")));
        assertThat(at(several, "mailbox/freight", "/greeting/always")).isEqualTo("prompt/mailbox-general");
        Plan sound = after(FieldEdits.set(demo, ref("prompt/no-key"), pointer("/en-GB"), json("""
                { "script": "We did not hear a key.", "sound": "no-key.wav", "seconds": 2 }""")));
        assertThat(at(sound, "prompt/no-key", "/en-GB/sound")).isEqualTo("no-key.wav");
    }

    @Test
    void aFieldThatCannotBeUsedIsRefusedWithWhatIsAllowed() {
        assertThat(FieldEdits.set(demo, ref("ring-group/reception"), pointer("/ringFor"), json("\"25\"")))
                .isEqualTo(
                        new Planned.Refused(
                                java.util.List.of(
                                        "ring-group/reception/ringFor: found '25'; allowed is a duration with its unit, such as 20s, 1m30s or 2h (24h at most).")));
        assertThat(FieldEdits.set(demo, ref("menu/front-desk"), pointer("/keys/x/to"), json("\"hang-up\"")))
                .isInstanceOf(Planned.Refused.class);
        assertThat(FieldEdits.set(demo, ref("menu/gone"), pointer("/tries"), json("2")))
                .isInstanceOf(Planned.Refused.class);
        assertThat(FieldEdits.create(demo, ref("mailbox/bookings"), MAPPER.readTree("{}")))
                .isInstanceOf(Planned.Refused.class);
    }

    @Test
    void whatIsRemovedIsReplacedWhereverItWasUsed() {
        Ref gone = ref("mailbox/bookings");
        Plan after = after(Rewiring.replace(demo, gone, List.of(ref("mailbox/reception"))));
        assertThat(after.find(gone)).isEmpty();
        assertThat(after.uses(gone)).isEmpty();
        assertThat(after.uses(ref("mailbox/reception")))
                .hasSize(demo.uses(ref("mailbox/reception")).size()
                        + demo.uses(gone).size());
    }

    @Test
    void aRenamedObjectKeepsItsPlaceAndEverythingThatRefersToItAndCanBeTakenBack() {
        for (var object : demo.objects()) {
            Ref old = object.ref();
            String key = switch (old.kind()) {
                case NUMBER, CONTACT -> "+441632960999";
                case EXTENSION -> "2099";
                default -> "renamed";
            };
            if (old.kind().form() == app.bittern.plan.Kind.Form.SINGLE) {
                continue;
            }
            Planned made = Rewiring.rename(demo, old, key);
            assertThat(made).as("%s", old).isInstanceOf(Planned.Made.class);
            var applied = (app.bittern.edit.Edits.Result.Applied)
                    app.bittern.edit.Edits.apply(demo, ((Planned.Made) made).edit());
            Ref renamed = new Ref(old.kind(), key);
            assertThat(applied.plan().uses(old)).as("%s", old).isEmpty();
            assertThat(applied.plan().uses(renamed)).hasSameSizeAs(demo.uses(old));
            assertThat(applied.plan().index(renamed)).isEqualTo(demo.index(old));
            var back = (app.bittern.edit.Edits.Result.Applied)
                    app.bittern.edit.Edits.apply(applied.plan(), applied.inverse());
            assertThat(back.plan()).isEqualTo(demo);
        }
        assertThat(Rewiring.rename(demo, ref("mailbox/bookings"), "reception")).isInstanceOf(Planned.Refused.class);
        assertThat(Rewiring.rename(demo, ref("mailbox/bookings"), "Not a key")).isInstanceOf(Planned.Refused.class);
    }
}
