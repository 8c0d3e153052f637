package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Where SNMP traps are sent.
///
/// @param address   host and port
/// @param version   `v2c` or `v3`
/// @param community the community of v2c
/// @param user      the user of v3
/// @param inform    whether it must be acknowledged (inform); else a trap
/// @param sources   what it gets: any of [#SOURCES]
public record TrapTarget(
        String key,
        Optional<String> name,
        Optional<String> note,
        String address,
        String version,
        Optional<String> community,
        Optional<String> user,
        boolean inform,
        List<String> sources)
        implements Aside {
    /// What can send traps.
    public static final List<String> SOURCES = List.of("trunks", "phones", "queues", "alarms");

    public TrapTarget {
        sources = List.copyOf(sources);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.TRAP_TARGET, key);
    }

    @Override
    public TrapTarget over(Places places) {
        return new TrapTarget(places.key(key), name, note, address, version, community, user, inform, sources);
    }
}
