package app.bittern.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.server.edit.EditApi;
import app.bittern.server.event.EventApi;
import app.bittern.server.testing.Endpoints;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/// The front end's types, and the functions that ask an endpoint, are made from the server's records and
/// controllers; the committed files must be what they make now. Run with `-Dbittern.write-types=true` to write
/// them.
class ApiTypesTest {
    private static final Path FOLDER = Path.of("../web/src/lib/api");

    private static void committed(String file, String made) throws IOException {
        Path at = FOLDER.resolve(file);
        if (Boolean.getBoolean("bittern.write-types")) {
            Files.writeString(at, made);
        }
        assertThat(Files.readString(at))
                .as("run: mvn test -pl server -am -Dtest=ApiTypesTest -Dbittern.write-types=true")
                .isEqualTo(made);
    }

    private static TypeScript types() {
        TypeScript types = new TypeScript();
        Endpoints.answering().forEach(endpoint -> {
            endpoint.body().ifPresent(types::words);
            types.words(endpoint.gives());
        });
        types.words(EditApi.ClashView.class);
        List.of(EventApi.class.getDeclaredClasses()).forEach(types::words);
        return types;
    }

    @Test
    void theCommittedTypesAreThoseOfTheRecords() throws IOException {
        committed("types.ts", types().declared());
    }

    @Test
    void theCommittedFunctionsAreThoseOfTheControllers() throws IOException {
        committed("endpoints.ts", EndpointFunctions.of(Endpoints.answering(), types()));
    }

    @Test
    void aTypeThatIsNotKnownStopsTheGenerator() {
        record Strange(Object what) {}
        TypeScript types = new TypeScript();
        assertThatThrownBy(() -> types.words(Strange.class))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("Object");
    }

    @Test
    void noTwoEndpointsHaveOneName() {
        assertThat(Endpoints.answering()).extracting(Endpoints.Endpoint::name).doesNotHaveDuplicates();
    }
}
