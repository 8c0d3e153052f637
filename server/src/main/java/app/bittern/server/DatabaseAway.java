package app.bittern.server;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// Tells a database that cannot be reached from everything else that may be wrong with what was asked of it.
public final class DatabaseAway {
    /// What the pool says of a connection that it has given up, without a state.
    private static final String CLOSED = "Connection is closed";

    /// As HikariCP says it: there are some. That one is idle again by the time at which this is said does not help who
    /// has waited in vain.
    private static final Pattern SOME = Pattern.compile("\\(total=[1-9]");

    private static final String UNWRITABLE = "22021";

    private DatabaseAway() {}

    /// Whether something failed because there is no connection, or the database is just starting or ending:
    /// SQLSTATE class 08 (ISO 9075) and PostgreSQL's 57P01 to 57P03 and 53300.
    public static boolean is(Throwable failed) {
        return causes(failed)
                .anyMatch(sql -> sql instanceof SQLTransientConnectionException
                        || (sql.getSQLState() == null && CLOSED.equals(sql.getMessage()))
                        || Optional.ofNullable(sql.getSQLState())
                                .filter(state -> state.startsWith("08") || state.matches("57P0[1-3]|53300"))
                                .isPresent());
    }

    /// Whether connections were in use for as long as one was waited for, while none that was tried failed: the
    /// database is there, and there is more to do than it can.
    public static boolean isBusy(Throwable failed) {
        return causes(failed)
                .anyMatch(sql -> sql instanceof SQLTransientConnectionException
                        && sql.getCause() == null
                        && SOME.matcher(Optional.ofNullable(sql.getMessage()).orElse(""))
                                .find());
    }

    /// Whether there is no room to keep anything: SQLSTATE 53000 to 53200, a full disk above all.
    static boolean isFull(Throwable failed) {
        return causes(failed)
                .anyMatch(sql -> Optional.ofNullable(sql.getSQLState())
                        .filter(state -> state.matches("53[0-2]00"))
                        .isPresent());
    }

    /// Whether a text was to be looked for that no database can hold: SQLSTATE 22021, as of U+0000.
    static boolean isUnwritable(Throwable failed) {
        return causes(failed).anyMatch(sql -> UNWRITABLE.equals(sql.getSQLState()));
    }

    private static Stream<SQLException> causes(Throwable failed) {
        return Stream.iterate(failed, cause -> cause != null, Throwable::getCause)
                .flatMap(cause -> cause instanceof SQLException sql ? Stream.of(sql) : Stream.empty());
    }
}
