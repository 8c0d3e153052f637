package app.bittern.server.account;

import app.bittern.plan.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;

/// Where requests come from.
final class Addresses {
    /// Who has an IPv6 address mostly has 2^64 of them (RFC 6177).
    private static final int NETWORK_BYTES = 8;

    private static final int SHOWN = 60;

    private Addresses() {}

    /// Where a request comes from, as it is shown.
    static String shown(HttpServletRequest request) {
        return Problem.shown(request.getRemoteAddr(), SHOWN);
    }

    /// What stands for one that is asked from: an IPv4 address itself, of IPv6 the network, `2001:db8:0:1::`.
    static String network(String address) {
        try {
            InetAddress parsed = InetAddress.ofLiteral(address.replaceAll("%.*", ""));
            return parsed instanceof Inet6Address
                    ? InetAddress.getByAddress(Arrays.copyOf(Arrays.copyOf(parsed.getAddress(), NETWORK_BYTES), 16))
                            .getHostAddress()
                    : parsed.getHostAddress();
        } catch (IllegalArgumentException | UnknownHostException unreadable) {
            return "unknown";
        }
    }
}
