package barytone.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** How much may be sent at once, whether its length is told beforehand or not, and one sound or photo at a time: each fills much of the memory while it is worked on. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class Limits extends OncePerRequestFilter {
    /** Twenty seconds of two channels at 192 kHz in floats, and a little for the header. */
    static final long SOUND = 31L << 20;

    /** A photo as cameras make them. */
    static final long PHOTO = 20L << 20;

    /** A shop of years with its photos. */
    static final long SHOP = 2L << 30;

    /** More than the longest list of tools and schools. */
    static final long TEXT = 256L << 10;

    private static final long PATIENCE_SECONDS = 20;

    private final Semaphore large = new Semaphore(1, true);

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return true;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean sound = Guard.listens(request);
        boolean photo = Guard.shows(request);
        boolean shop = Guard.brings(request);
        long most = sound ? SOUND : photo ? PHOTO : shop ? SHOP : TEXT;
        if (request.getContentLengthLong() > most) {
            Problems.answer(response, HttpStatus.CONTENT_TOO_LARGE, tooLarge(request.getContentLengthLong(), most));
            return;
        }
        if (!sound && !photo && !shop) {
            chain.doFilter(new Counted(request, most), response);
            return;
        }
        try {
            if (!large.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                response.setHeader("Retry-After", "5");
                Problems.answer(
                        response,
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "Other sounds or photos are still being worked on. Send it once more.");
                return;
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return;
        }
        try {
            chain.doFilter(new Counted(request, most), response);
        } finally {
            large.release();
        }
    }

    private static String tooLarge(long given, long most) {
        return "body: given " + (given < 0 ? "more than " + most : given) + " bytes; allowed is " + most + ".";
    }

    /** A body of untold length became too long. */
    static final class TooLargeException extends IOException {
        private static final long serialVersionUID = 1;

        TooLargeException(long most) {
            super(tooLarge(-1, most));
        }
    }

    /** A request whose body is counted while it is read. */
    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream in;
        private final long most;
        private long read;

        CountedStream(ServletInputStream in, long most) {
            this.in = in;
            this.most = most;
        }

        private void count(long bytes) throws TooLargeException {
            if (bytes > 0) read += bytes;
            if (read > most) throw new TooLargeException(most);
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
            count(n);
            return n;
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
