package app.bittern.server.event;

import app.bittern.server.account.Callers;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Notices;
import app.bittern.server.plan.Sites;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.stereotype.Component;

/// Hears from the database what any server on it has written, and tells the screens of this one.
///
/// It listens on a connection of its own. Where that is lost it is made again, and what was missed meanwhile is
/// found by the versions of the sites.
@Component
class Listener implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(Listener.class);
    private static final int LISTEN_MILLIS = 500;
    private static final int AGAIN_MILLIS = 1000;

    private final DataSource database;
    private final Events events;
    private final JournalRows journal;
    private final Sites sites;
    private final Callers callers;
    private final Map<String, Long> known = new HashMap<>();
    private volatile boolean running;
    private Optional<Thread> thread = Optional.empty();

    /// @param pool the settings of the connections to the database; one of its own is made by them
    Listener(HikariDataSource pool, Events events, JournalRows journal, Sites sites, Callers callers) {
        this.callers = callers;
        this.database = new DriverManagerDataSource(pool.getJdbcUrl(), pool.getUsername(), pool.getPassword());
        this.events = events;
        this.journal = journal;
        this.sites = sites;
    }

    @Override
    public void start() {
        running = true;
        thread = Optional.of(Thread.ofPlatform().name("listener").daemon().start(this::run));
    }

    @Override
    public void stop() {
        running = false;
        thread.ifPresent(Thread::interrupt);
        thread = Optional.empty();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    private void run() {
        boolean said = false;
        while (isRunning()) {
            try (Connection connection = database.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("listen " + Notices.CHANNEL);
                said = false;
                missed();
                callers.readAgain();
                events.askAgain();
                PGConnection listening = connection.unwrap(PGConnection.class);
                while (isRunning()) {
                    for (PGNotification notice : listening.getNotifications(LISTEN_MILLIS)) {
                        heard(notice.getParameter());
                    }
                }
            } catch (SQLException | RuntimeException lost) {
                if (isRunning() && !said) {
                    LOG.warn("bittern: the database is not heard ({}); trying again each second", lost.getMessage());
                    said = true;
                }
                pause();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(AGAIN_MILLIS);
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
        }
    }

    /// What was written while nobody listened.
    private void missed() {
        sites.all().forEach(site -> {
            Long before = known.get(site.key());
            if (before != null && before < site.version()) {
                edited(site.key(), site.version());
            }
            known.put(site.key(), site.version());
        });
    }

    private void heard(String notice) {
        String[] words = notice.split(" ", 3);
        String site = words[1];
        switch (words[0]) {
            case "edited" -> {
                long version = Long.parseLong(words[2]);
                // Told before it is known as told: what fails on the way is found when the connection is made
                // anew.
                edited(site, version);
                known.merge(site, version, Math::max);
            }
            case "told" -> events.told(site, Long.parseLong(words[2]));
            case "people" -> events.people(site, words[2]);
            case Notices.RIGHTS -> rights();
            case "sites" -> {
                // One that was removed may be made anew, and begins its versions again.
                known.remove(site);
                events.sites(site);
            }
            default -> LOG.warn("bittern: a notice that is not known: {}", words[0]);
        }
    }

    /// Accounts may do something else than before, or a session has ended: what was read of them is read again,
    /// and every stream is asked whether it may go on.
    private void rights() {
        callers.forget();
        events.askAgain();
    }

    private void edited(String site, long version) {
        journal.findBySiteAndVersion(site, version)
                .ifPresent(row -> events.edited(
                        site,
                        new EventApi.Edited(
                                site,
                                version,
                                row.account(),
                                row.session().orElse(""),
                                row.says(),
                                JournalRow.each(row.edit())
                                        .map(Object::toString)
                                        .distinct()
                                        .toList())));
    }
}
