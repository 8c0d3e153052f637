package app.bittern.server.guard;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;

/// A request of whose body no more can be read than it may bring, and for which nobody waits for ever.
final class LimitedRequest extends HttpServletRequestWrapper {
    private final BodyLimits.Limit limit;

    private final Patience patience;

    LimitedRequest(HttpServletRequest request, BodyLimits.Limit limit, Patience patience) {
        super(request);
        this.patience = patience;
        this.limit = limit;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Counted(super.getInputStream(), limit, patience);
    }

    @Override
    public BufferedReader getReader() throws IOException {
        Charset charset = Optional.ofNullable(getCharacterEncoding())
                .filter(Charset::isSupported)
                .map(Charset::forName)
                .orElse(StandardCharsets.UTF_8);
        return new BufferedReader(new InputStreamReader(getInputStream(), charset));
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream from;
        private final BodyLimits.Limit limit;
        private final Patience patience;
        private final long begun = System.nanoTime();
        private long read;

        Counted(ServletInputStream from, BodyLimits.Limit limit, Patience patience) {
            this.patience = patience;
            this.from = from;
            this.limit = limit;
        }

        @Override
        public int read() throws IOException {
            int one = from.read();
            counted(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int some = from.read(into, offset, length);
            counted(Math.max(some, 0));
            return some;
        }

        private void counted(int some) throws TooMuch, TooSlow {
            read += some;
            if (read > limit.most()) {
                throw new TooMuch(limit.says());
            }
            if (patience.isOver(read, Duration.ofNanos(System.nanoTime() - begun))) {
                throw new TooSlow();
            }
        }

        @Override
        public boolean isFinished() {
            return from.isFinished();
        }

        @Override
        public boolean isReady() {
            return from.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            from.setReadListener(listener);
        }
    }
}
