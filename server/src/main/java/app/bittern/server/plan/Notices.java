package app.bittern.server.plan;

import app.bittern.server.account.RightsChanged;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/// Tells all servers on the database of what is being written: each notice goes out when the transaction that
/// it is part of is committed, and not at all otherwise (PostgreSQL, NOTIFY).
@Component
public class Notices {
    /// The channel that servers listen to.
    public static final String CHANNEL = "bittern";

    /// The word of the notice that accounts may do something else.
    public static final String RIGHTS = "rights";

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

    /// Accounts may do something else than before, or a session has ended.
    @EventListener
    void rights(RightsChanged changed) {
        send(RIGHTS + " - 0");
    }

    private void send(String text) {
        database.query("select pg_notify(?, ?)", row -> {}, CHANNEL, text);
    }
}
