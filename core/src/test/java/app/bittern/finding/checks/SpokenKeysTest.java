package app.bittern.finding.checks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The keys that scripts tell callers to press, in the ways in which menus say them.
class SpokenKeysTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // before what it is for, behind it, in digits, in lists
                "en-GB | Press one for bookings. Press four for freight. | 1 4",
                "en-GB | For bookings press one, for freight two, for lost property three. | 1 2 3",
                "en-GB | For bookings, press 1. For everything else, please hold the line. | 1",
                "en-US | Press 1 or 2 for tickets; press the 9 key to hear this again. | 1 2 9",
                "en-GB | To hear this again press star. Press hash to end. | # *",
                "en-GB | Press zero at any time. | 0",
                "en-GB | Press one for Seattle or two for Washington, one moment please for all else. | 1 2",
                "en-GB | For bookings, one; for freight, two. Press now. | ''",
                // said, but not to be pressed
                "en-GB | Press 2 for freight. Out of hours call 01632 960455. | 2",
                "en-GB | Press 2 for freight, or call oh one six three two, nine six oh, four five five. | 2",
                "en-GB | Press 3 for our yard in Washington, one. | 3",
                "en-GB | Our four ferries sail every two hours. | ''",
                "en-GB | Press one for the four ferries that sail at noon. | 1",
                "en-GB | One moment, please. | ''",
                "nb-NO | Trykk en for bestilling, to for frakt, eller trykk åtte for norsk. | 1 2 8",
                "nb-NO | Trykk en tast når du vil gå videre. | ''",
                "nb-NO | For bestilling, tast 1. | 1",
                "nn-NO | Trykk ein for bestilling. | 1",
                "da-DK | Tryk 1 for salg, eller tryk to for fragt. | 1 2",
                "da-DK | Tryk på en tast. | ''",
                "sv-SE | Tryck ett för bokning, tryck två för frakt. | 1 2",
                "de-DE | Drücken Sie die Eins für Buchungen, die Zwei für Fracht. | 1 2",
                "de-CH | Für Buchungen wählen Sie bitte die 1, für Fracht die 2. | 1 2",
                "de-DE | Drücken Sie eine Taste. | ''",
                "fr-FR | Pour les réservations, tapez 1. Pour le fret, appuyez sur la touche deux. | 1 2",
                "fr-FR | Tapez un pour les réservations. | 1",
                "fr-FR | Appuyez sur un chiffre. | ''",
                "es-ES | Pulse uno para reservas. Para carga, marque el dos. | 1 2",
                "it-IT | Per le prenotazioni premere uno, per le merci premere il tasto due. | 1 2",
                "pt-PT | Para reservas, prima um. Para carga, prima a tecla dois. | 1 2",
                "nl-NL | Toets 1 voor boekingen, toets twee voor vracht. | 1 2",
                "fi-FI | Paina yksi, jos haluat varata. | 1",
                // a language whose words are not known tells nothing
                "cy-GB | Pwyswch un ar gyfer archebion. | ''",
            })
    void saysTheKeysToPress(String language, String script, String keys) {
        List<String> expected = keys.isEmpty() ? List.of() : List.of(keys.split(" ", -1));
        assertThat(SpokenKeys.in(script, language)).isEqualTo(expected);
    }

    @Test
    void knowsWhichLanguagesItCanTell() {
        assertThat(SpokenKeys.known("nb-NO")).isTrue();
        assertThat(SpokenKeys.known("cy-GB")).isFalse();
    }
}
