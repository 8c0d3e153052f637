package app.bittern.server.guard;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/// How long requests are waited for.
///
/// @param headers in all, from the first byte; and for the next byte of anything
/// @param body    before it has to come at a pace
/// @param pace    in bytes a second, from then on
@ConfigurationProperties("bittern.patience")
record Patience(Duration headers, Duration body, int pace) {
    /// Whether a body of which so much has come is slower than anybody's line.
    boolean isOver(long bytes, Duration taken) {
        return taken.compareTo(body.plusSeconds(bytes / pace)) > 0;
    }
}
