package app.bittern.server.guard;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.SocketAddress;
import java.nio.channels.SocketChannel;
import java.util.List;
import java.util.stream.Stream;
import org.apache.tomcat.util.net.NioEndpoint;

/// Takes connections, of each address no more than so many: whoever opens all that the server can hold would keep
/// everybody else out. Proxies that are named speak for many, and are not counted.
final class CountedEndpoint extends NioEndpoint {
    private int most = Integer.MAX_VALUE;
    private List<String> uncounted = List.of();

    /// @param most    connections of one address
    /// @param proxies whose are not counted
    void bound(int most, List<String> proxies) {
        this.most = most;
        this.uncounted = proxies;
    }

    @Override
    protected boolean setSocketOptions(SocketChannel socket) {
        if (tooMany(socket)) {
            destroySocket(socket);
            return false;
        }
        return super.setSocketOptions(socket);
    }

    /// Counts only where there are so many at all: what it costs grows with them.
    private boolean tooMany(SocketChannel socket) {
        if (connections.size() < most) {
            return false;
        }
        return address(socket)
                .filter(address -> !uncounted.contains(address.getHostAddress()))
                .anyMatch(address -> connections.keySet().stream()
                                .flatMap(CountedEndpoint::address)
                                .filter(address::equals)
                                .count()
                        >= most);
    }

    /// None where it has gone meanwhile.
    private static Stream<InetAddress> address(SocketChannel socket) {
        try {
            SocketAddress remote = socket.getRemoteAddress();
            return remote instanceof InetSocketAddress internet ? Stream.of(internet.getAddress()) : Stream.empty();
        } catch (IOException gone) {
            return Stream.empty();
        }
    }
}
