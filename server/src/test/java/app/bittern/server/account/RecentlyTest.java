package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.Reach;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class RecentlyTest {
    private final Recently<String> recently = new Recently<>(new Reach());
    private final AtomicInteger read = new AtomicInteger();

    private String of() {
        return recently.of("digest", one -> true, () -> Optional.of("rights " + read.incrementAndGet()))
                .orElseThrow();
    }

    @Test
    void whatWasReadAMomentAgoIsNotReadAgain() {
        assertThat(of()).isEqualTo("rights 1");
        assertThat(of()).isEqualTo("rights 1");
        recently.forget();
        assertThat(of()).isEqualTo("rights 2");
    }

    /// Rights are given while somebody reads how they were: what was read is not held.
    @Test
    void whatIsForgottenWhileItIsReadIsReadAgain() {
        Optional<String> old = recently.of("digest", one -> true, () -> {
            recently.forget();
            return Optional.of("rights as they were");
        });
        assertThat(old).contains("rights as they were");
        assertThat(of()).isEqualTo("rights 1");
    }
}
