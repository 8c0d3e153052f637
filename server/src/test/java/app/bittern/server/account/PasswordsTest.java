package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.server.Refusal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {
    private final Passwords passwords = new Passwords();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "short",
                "elevenchars",
                "password1234",
                "passwordpassword",
                "qwertyuiop12",
                "123456789012",
                "aaaaaaaaaaaaaaaa",
                "helen the harbour master",
                "é234567890123456789012345678901234567890123456789012345678901234567890123"
            })
    void whatManyUseIsNotTakenAndNotSaidBack(String password) {
        assertThatThrownBy(() -> passwords.check("Helen", password))
                .isInstanceOf(Refusal.class)
                .hasMessageStartingWith("password: ")
                .hasMessageNotContaining(password);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lantern quay otter 7", "Pq7#vT2!mZ9x", "zwölf Möwen am Kai"})
    void anyOtherLongOneIsTaken(String password) {
        assertThatCode(() -> passwords.check("Helen", password)).doesNotThrowAnyException();
    }
}
