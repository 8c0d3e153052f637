package app.bittern.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.CannotCreateTransactionException;

class DatabaseAwayTest {
    @ParameterizedTest
    @CsvSource({
        "08001, true", // cannot be connected to
        "08006, true", // the connection broke
        "57P01, true", // it is being stopped
        "57P03, true", // it is just starting
        "53300, true", // it has no connection left
        "53100, false", // it has no room left
        "57014, false", // a query was cancelled
        "23505, false", // what must be there once is there twice
        "40001, false", // two transactions were in each other's way
    })
    void onlyAConnectionThatIsNotThereIsTheDatabaseBeingAway(String state, boolean away) {
        SQLException reason = new SQLException("reason", state);
        assertThat(DatabaseAway.is(new DataIntegrityViolationException("wrapped", reason)))
                .isEqualTo(away);
    }

    @Test
    void aFullDiskIsToldFromIt() {
        assertThat(DatabaseAway.isFull(new IllegalStateException(new SQLException("no space left", "53100"))))
                .isTrue();
        assertThat(DatabaseAway.isFull(new IllegalStateException(new SQLException("no connection left", "53300"))))
                .isFalse();
    }

    @Test
    void soIsAPoolThatHasNoneToGive() {
        assertThat(DatabaseAway.is(new CannotCreateTransactionException(
                        "wrapped", new SQLTransientConnectionException("not available"))))
                .isTrue();
        // As the pool says it of a connection that broke under a transaction.
        assertThat(DatabaseAway.is(new IllegalStateException(new SQLException("Connection is closed"))))
                .isTrue();
        assertThat(DatabaseAway.is(new IllegalStateException("a fault of ours")))
                .isFalse();
    }

    /// As HikariCP says that a connection was waited for in vain.
    @ParameterizedTest
    @CsvSource({
        "'total=8, active=8, idle=0, waiting=3', true",
        "'total=8, active=7, idle=1, waiting=12', true", // given back while this was being said
        "'total=0, active=0, idle=0, waiting=3', false",
    })
    void aPoolThatIsUsedUpIsBusy(String pool, boolean busy) {
        String says = "HikariPool-1 - Connection is not available, request timed out after 2500ms (" + pool + ")";
        assertThat(DatabaseAway.isBusy(
                        new CannotCreateTransactionException("wrapped", new SQLTransientConnectionException(says))))
                .isEqualTo(busy);
        assertThat(DatabaseAway.isBusy(new CannotCreateTransactionException(
                        "wrapped", new SQLTransientConnectionException(says, new SQLException("refused", "08001")))))
                .isFalse();
    }
}
