package app.bittern.edit;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Site;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FreshTest {
    private static final Site SITE = new Site(
            "quay",
            Optional.of("Quay"),
            Optional.empty(),
            ZoneId.of("Europe/Oslo"),
            "NO",
            List.of("nb-NO"),
            Optional.empty(),
            List.of(
                    new Site.Block("2000", "2002", "extension", Optional.empty()),
                    new Site.Block("0071", "0099", "queue", Optional.empty())),
            Optional.empty(),
            List.of());

    private static Extension extension(String number, String name) {
        return new Extension(
                number,
                Optional.of(name),
                Optional.empty(),
                List.of("desk"),
                Extension.RING_FOR,
                false,
                false,
                Extension.Forward.NONE,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Extension.Person.UNKNOWN);
    }

    private final Plan plan = Plan.of(List.of(SITE, extension("2000", "Ann"), extension("2002", "Bo")));

    @Test
    void theLowestFreeNumberOfItsBlockWithItsZeros() {
        assertThat(Fresh.in(plan).number(Kind.EXTENSION)).contains("2001");
        assertThat(Fresh.in(plan).number(Kind.QUEUE)).contains("0071");
        assertThat(Fresh.in(plan).number(Kind.PAGE)).isEmpty();
        assertThat(Fresh.in(plan.with(extension("2001", "Cy"))).number(Kind.EXTENSION))
                .isEmpty();
    }

    @Test
    void aKeyIsMadeOfTheNameAndIsNotTaken() {
        assertThat(Fresh.in(plan).key(Kind.QUEUE, "Bookings & freight (Tromsø)"))
                .contains("bookings-freight-tromso");
        assertThat(Fresh.in(plan).key(Kind.QUEUE, "  ")).contains("queue");
        assertThat(Fresh.in(plan).key(Kind.SITE, "Quay")).contains("quay-2");
        assertThat(Fresh.in(plan).key(Kind.EXTENSION, "Dan")).contains("2001");
        assertThat(Fresh.in(plan).key(Kind.NUMBER, "Main line")).isEmpty();
    }

    @Test
    void aLongNameMakesAKeyThatIsAllowed() {
        String key = Fresh.in(plan).key(Kind.MENU, "Welcome ".repeat(30)).orElseThrow();
        assertThat(Ref.sound(Kind.MENU, key)).as(key).isTrue();
    }

    @Test
    void aCopyIsNamedAfterWhatItIsACopyOf() {
        Extension ann = extension("2000", "Ann");
        assertThat(Fresh.in(plan).name(ann)).isEqualTo("Ann copy");
        assertThat(Fresh.in(plan.with(extension("2001", "Ann copy"))).name(ann)).isEqualTo("Ann copy 2");
    }
}
