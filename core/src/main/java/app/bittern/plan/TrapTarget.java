package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Where SNMP traps are sent.
///
/// @param address   its host
/// @param port      where it listens there
/// @param version   `v2c` or `v3`
/// @param community the community of v2c
/// @param user      the user of v3
/// @param security  the secrets of v3
/// @param inform    whether it must be acknowledged (inform); else a trap
/// @param waits     how long an inform waits to be acknowledged
/// @param repeats   how often an inform is sent again that was not
/// @param sources   what it gets: any of [#SOURCES]
public record TrapTarget(
        String key,
        Optional<String> name,
        Optional<String> note,
        String address,
        int port,
        String version,
        Optional<String> community,
        Optional<String> user,
        Security security,
        boolean inform,
        Seconds waits,
        int repeats,
        List<String> sources,
        boolean enabled)
        implements Aside {
    /// What can send traps.
    public static final List<String> SOURCES = List.of("trunks", "phones", "queues", "alarms");

    /// Where targets listen unless something else is said (RFC 3417).
    public static final int PORT = 162;

    /// What secures SNMP v3 (RFC 3414, RFC 7860, RFC 3826).
    ///
    /// @param auth    the protocol that signs: any of [#AUTH]
    /// @param privacy the protocol that encrypts: any of [#PRIVACY]
    public record Security(
            Optional<String> auth,
            Optional<String> authSecret,
            Optional<String> privacy,
            Optional<String> privacySecret) {
        /// Protocols that sign, SHA-256 and up.
        public static final List<String> AUTH = List.of("SHA-256", "SHA-384", "SHA-512");

        /// Protocols that encrypt, AES-128 and up.
        public static final List<String> PRIVACY = List.of("AES-128", "AES-192", "AES-256");

        /// None.
        public static final Security NONE =
                new Security(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        @Override
        public String toString() {
            return "Security[auth=" + auth + ", privacy=" + privacy + "]";
        }
    }

    public TrapTarget {
        sources = List.copyOf(sources);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.TRAP_TARGET, key);
    }

    @Override
    public TrapTarget over(Places places) {
        return new TrapTarget(
                places.key(key),
                name,
                note,
                address,
                port,
                version,
                community,
                user,
                security,
                inform,
                waits,
                repeats,
                sources,
                enabled);
    }
}
