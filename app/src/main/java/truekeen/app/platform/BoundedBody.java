package truekeen.app.platform;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** A request whose body is read no further than is allowed, by the bytes that came, and no longer than it may take. */
final class BoundedBody extends HttpServletRequestWrapper {
    /** A body may take this long, and a second more for each so many bytes. */
    private static final Duration GRACE = Duration.ofSeconds(5);

    private static final int BYTES_A_SECOND = 30_000;

    private final int most;

    BoundedBody(HttpServletRequest request, int most) {
        super(request);
        this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Bounded(super.getInputStream(), most);
    }

    /** A body that turned out not to be taken while it was read. */
    static final class BodyRefused extends IOException {
        private static final long serialVersionUID = 1;
        private final transient Refusal refusal;
        private final HttpStatus status;

        private BodyRefused(HttpStatus status, Refusal refusal) {
            super(refusal.words());
            this.status = status;
            this.refusal = refusal;
        }

        Refusal refusal() {
            return refusal;
        }

        HttpStatus status() {
            return status;
        }
    }

    static Refusal tooLarge(Object size, int most) {
        return Refusal.of(MessageCode.BODY_TOO_LARGE, "", size).with("high", most / 1_000_000 + " MB");
    }

    private static final class Bounded extends ServletInputStream {
        private final ServletInputStream in;
        private final int most;
        private final long begun = System.nanoTime();
        private long read;

        Bounded(ServletInputStream in, int most) {
            this.in = in;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int n = in.read(into, from, length);
            count(Math.max(0, n));
            return n;
        }

        private void count(int more) throws BodyRefused {
            read += more;
            if (read > most) {
                throw new BodyRefused(HttpStatus.PAYLOAD_TOO_LARGE, tooLarge("more", most));
            }
            if (System.nanoTime() - begun
                    > GRACE.toNanos()
                            + Duration.ofSeconds(read / BYTES_A_SECOND).toNanos()) {
                throw new BodyRefused(HttpStatus.REQUEST_TIMEOUT, Refusal.of(MessageCode.BODY_TOO_SLOW, "", ""));
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
