package app.bittern.server.plan;

import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/// Which version the draft of a site has, as the database has it now. It is asked before each answer, so by one plain
/// statement: by a repository, with its transaction and the session of the mapper, it is an eighth of all that the
/// processor does for a trace.
@Component
class Stamps {
    private final JdbcTemplate database;

    Stamps(JdbcTemplate database) {
        this.database = database;
    }

    /// Empty where there is no such site. In a transaction, as that one sees it.
    Optional<Stamp> of(String site) {
        return database
                .query(
                        "select place, version from site where key = ?",
                        (row, number) -> new Stamp(row.getInt("place"), row.getLong("version")),
                        site)
                .stream()
                .findFirst();
    }
}
