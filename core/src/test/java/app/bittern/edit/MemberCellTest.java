package app.bittern.edit;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MemberCellTest {
    @ParameterizedTest
    @CsvSource({
        "QUEUE,in,in",
        "QUEUE,1,in",
        "QUEUE,2 phone 40 s,2 phone 40s",
        "QUEUE,Phone · 2,2 phone",
        "RING_GROUP,10 s,10s",
        "RING_GROUP,10s key,10s key",
        "HUNT_GROUP,3,3",
        "PAGE,in,in"
    })
    void aCellIsReadAndSaid(Kind kind, String typed, String said) {
        assertThat(MemberCell.parse(typed).orElseThrow().orElseThrow().words(kind))
                .isEqualTo(said);
    }

    @Test
    void anEmptyCellIsOutAndAnotherWordIsRefused() {
        assertThat(MemberCell.parse("  ")).contains(Optional.empty());
        assertThat(MemberCell.parse("maybe")).isEmpty();
        assertThat(MemberCell.parse("0")).isEmpty();
    }

    /// What a cell shows, put into the same cell, leaves the object as it is; put into an empty one it is there.
    @Test
    void whatACellShowsIsWhatItSets() {
        for (int seed = 0; seed < 300; seed++) {
            Plan plan = RandomPlans.plan(Seeds.random(seed));
            List<Ref> people = plan.all(Extension.class).map(PlanObject::ref).toList();
            for (PlanObject object : plan.objects()) {
                if (!MemberCell.KINDS.contains(object.ref().kind())) {
                    continue;
                }
                Kind kind = object.ref().kind();
                for (Ref person : people) {
                    Optional<MemberCell> cell = MemberCell.of(object, person);
                    String words = cell.map(one -> one.words(kind)).orElse("");
                    Optional<MemberCell> read = MemberCell.parse(words).orElseThrow();
                    assertThat(MemberCell.put(object, person, read))
                            .as("seed %d, %s in %s: '%s'", seed, person, object.ref(), words)
                            .contains(object);
                    PlanObject without =
                            MemberCell.put(object, person, Optional.empty()).orElseThrow();
                    if (MemberCell.of(without, person).isEmpty() && kind != Kind.HUNT_GROUP) {
                        PlanObject again = MemberCell.put(without, person, read).orElseThrow();
                        assertThat(MemberCell.of(again, person).map(one -> one.words(kind)))
                                .isEqualTo(cell.map(one -> words));
                    }
                }
            }
        }
    }
}
