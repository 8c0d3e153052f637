package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.edit.Fresh;
import app.bittern.plan.Kind;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FieldFormTest {
    private static FieldForm at(Kind kind, String... steps) {
        return FieldForm.at(kind, List.of(steps)).orElseThrow();
    }

    @Test
    void aDurationIsKnownWithItsUsualValue() {
        FieldForm form = at(Kind.RING_GROUP, "ringFor");
        assertThat(form.types()).containsExactly(FieldForm.Type.DURATION);
        assertThat(form.usual()).contains("20s");
        assertThat(form.title()).isEqualTo("Rings for");
    }

    @Test
    void aDestinationIsChosenAmongWhatCallsCanBeSentTo() {
        assertThat(at(Kind.RING_GROUP, "noAnswer").choose().options())
                .contains(
                        new Choosing.Option.OfKind("", Kind.QUEUE, false),
                        new Choosing.Option.Word("hang-up"),
                        new Choosing.Option.Typed("outside/+441632960100"))
                .doesNotContain(new Choosing.Option.Word("repeat"));
        assertThat(at(Kind.MENU, "keys", "3", "to").choose().options()).contains(new Choosing.Option.Word("repeat"));
        assertThat(at(Kind.BRANCH, "cases", "open").choose().options())
                .contains(new Choosing.Option.OfKind("", Kind.MENU, false));
    }

    @Test
    void whatAListHoldsIsChosenAsItsItemsAre() {
        FieldForm prompts = at(Kind.ANNOUNCEMENT, "prompts");
        assertThat(prompts.types()).containsExactly(FieldForm.Type.LIST);
        assertThat(prompts.choose().options()).isEmpty();
        assertThat(prompts.each().orElseThrow().choose().options())
                .containsExactly(new Choosing.Option.OfKind("", Kind.PROMPT, false));
        assertThat(at(Kind.RING_GROUP, "members", "0", "extension").choose().options())
                .containsExactly(new Choosing.Option.OfKind("", Kind.EXTENSION, true));
    }

    @Test
    void theSitesOwnLanguagesAreTypedAndThoseOfAllElseAreChosenAmongThem() {
        assertThat(at(Kind.SITE, "languages", "0").choose().options()).isEmpty();
        assertThat(at(Kind.EXTENSION, "languages", "0").choose().options())
                .containsExactly(new Choosing.Option.Language());
        assertThat(at(Kind.EXTENSION, "phones", "0").choose().options()).contains(new Choosing.Option.Word("soft"));
    }

    @Test
    void aPromptsWordsStandUnderItsLanguagesAndNoOtherKindHasSuchNames() {
        FieldForm words = FieldForm.eachOf(Kind.PROMPT).orElseThrow();
        assertThat(words.alone()).contains("script");
        assertThat(FieldForm.at(Kind.PROMPT, List.of("nb-NO", "seconds"))).isPresent();
        assertThat(FieldForm.at(Kind.PROMPT, List.of("music")).orElseThrow().types())
                .containsExactly(FieldForm.Type.FLAG);
        assertThat(Arrays.stream(Kind.values())
                        .filter(kind -> FieldForm.eachOf(kind).isPresent()))
                .containsExactly(Kind.PROMPT);
    }

    @Test
    void aValueThatIsEitherATextOrFieldsSaysBoth() {
        FieldForm called = at(Kind.ROUTE, "called");
        assertThat(called.types()).containsExactlyInAnyOrder(FieldForm.Type.TEXT, FieldForm.Type.FIELDS);
        assertThat(called.fields()).extracting(FieldForm::name).containsExactly("prefix", "from", "to");
    }

    @Test
    void whatMakesTheKeyIsNoFieldOfTheBody() {
        assertThat(FieldForm.of(Kind.SITE)).extracting(FieldForm::name).doesNotContain("key");
        assertThat(FieldForm.of(Kind.CONTACT)).extracting(FieldForm::name).doesNotContain("number");
        assertThat(FieldForm.of(Kind.QUEUE)).extracting(FieldForm::name).contains("number");
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyFieldOfEveryKindHasATitleAndAType(Kind kind) {
        assertThat(FieldForm.of(kind).stream().flatMap(FieldFormTest::withInner))
                .isNotEmpty()
                .allSatisfy(form -> assertThat(form.types()).as(form.name()).isNotEmpty())
                .filteredOn(form -> !form.name().equals("*") || form.fields().isEmpty())
                .allSatisfy(form -> assertThat(form.title()).as(form.name()).isNotBlank());
    }

    private static Stream<FieldForm> withInner(FieldForm form) {
        return Stream.concat(
                Stream.of(form),
                Stream.concat(form.fields().stream(), form.each().stream()).flatMap(FieldFormTest::withInner));
    }

    /// What is asked of a new object is a field that it has.
    @ParameterizedTest
    @EnumSource(Kind.class)
    void whatANewObjectIsMeantForIsAField(Kind kind) {
        assertThat(FieldForm.of(kind).stream().map(FieldForm::name)).containsAll(Fresh.meant(kind));
    }
}
