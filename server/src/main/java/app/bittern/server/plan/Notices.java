package app.bittern.server.plan;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/// Tells all servers on the database of what is being written: each notice goes out when the transaction that
/// it is part of is committed, and not at all otherwise (PostgreSQL, NOTIFY).
@Component
public class Notices {
    /// The channel that servers listen to.
    public static final String CHANNEL = "bittern";

    private final JdbcTemplate database;

    Notices(JdbcTemplate database) {
        this.database = database;
    }

    /// A draft has a new version.
    void edited(String site, long version) {
        send("edited " + site + " " + version);
    }

    /// What callers notice of an edit has been found.
    public void told(String site, long version) {
        send("told " + site + " " + version);
    }

    /// A site was made, cut over or removed.
    void sites(String site) {
        send("sites " + site + " 0");
    }

    /// Who has a site open on this server.
    ///
    /// @param who as the servers agree to write it
    public void people(String site, String who) {
        send("people " + site + " " + who);
    }

    private void send(String text) {
        database.query("select pg_notify(?, ?)", row -> {}, CHANNEL, text);
    }
}
