package app.bittern.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;

class RefusalsTest {
    @Test
    void whoAsksWhileTheDraftIsChangedIsToldToAskAgain() {
        var answer = new Refusals(new Reach()).overtaken(new CancellationException());
        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.CONFLICT);
        assertThat(answer.getBody()).asString().contains("ask again");
    }
}
