package app.bittern.server.event;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;

/// Who has which site open on other servers of the same database, as each of them says now and then. One that has
/// not said so for a while is taken to be gone with all its people.
final class People {
    private final Duration patience;
    private final Map<String, Map<String, Said>> bySite = new ConcurrentHashMap<>();

    /// @param accounts who has the site open there
    /// @param at       when it was said, by a clock that only goes forward, in nanoseconds
    private record Said(List<String> accounts, long at) {}

    /// @param patience after which a server that says nothing is gone
    People(Duration patience) {
        this.patience = patience;
    }

    /// What came of something said.
    ///
    /// @param fresh   whether this server was not known to have the site open
    /// @param changed whether others have it open now
    record Heard(boolean fresh, boolean changed) {}

    /// Takes over what a server says: nobody is there where it names nobody.
    Heard said(String site, String server, List<String> accounts, long now) {
        Map<String, Said> servers = bySite.computeIfAbsent(site, one -> new ConcurrentHashMap<>());
        Said before =
                accounts.isEmpty() ? servers.remove(server) : servers.put(server, new Said(List.copyOf(accounts), now));
        List<String> were = before == null ? List.of() : before.accounts();
        return new Heard(before == null && !accounts.isEmpty(), !were.equals(accounts));
    }

    /// Forgets servers that have not been heard for a while, and names the sites that they had open.
    List<String> forgetSilent(long now) {
        List<String> sites = new ArrayList<>();
        new TreeMap<>(bySite).forEach((site, servers) -> {
            if (servers.values().removeIf(said -> now - said.at() > patience.toNanos())) {
                sites.add(site);
            }
        });
        return sites;
    }

    /// Who has a site open: those here, and those on other servers, each once and by name.
    List<String> with(String site, List<String> here) {
        TreeSet<String> all = new TreeSet<>(here);
        bySite.getOrDefault(site, Map.of()).values().forEach(said -> all.addAll(said.accounts()));
        return List.copyOf(all);
    }
}
