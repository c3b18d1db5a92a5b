package app.gradior.web.guard;

import app.gradior.finding.Fault;
import app.gradior.room.faults.TooMuch;
import app.gradior.room.house.KitchenToken;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/** Lets API calls in by their bearer token, and refuses bodies over 256 kB before anything reads them. */
public final class TokenFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger("app.gradior.access");
    public static final String CALLER = "gradior.caller";
    private static final int LARGEST_BODY = 256 * 1024;
    /** A forecast or a plan, measured against a plain question; rounded. */
    private static final int COST_OF_RECKONING = 10;

    private static final String BEARER = "Bearer ";

    private final Tokens tokens;
    private final JsonMapper json;

    private final Quotas quotas;
    private final ToldToWait told;
    private final PeopleFirst people;
    private final boolean openDescription;

    /**
     * @param openDescription whether the API's description is shown to those without a token
     */
    // Wide: all that lets a call in or holds it back.
    public TokenFilter(
            Tokens tokens,
            JsonMapper json,
            Quotas quotas,
            ToldToWait told,
            PeopleFirst people,
            boolean openDescription) {
        this.tokens = tokens;
        this.json = json;
        this.quotas = quotas;
        this.told = told;
        this.people = people;
        this.openDescription = openDescription;
    }

    /**
     * Who calls, and what they may do.
     *
     * @param label what the token is called
     */
    public record Caller(long kitchenId, long tokenId, String label, Tokens.Scope scope) {}

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return openDescription && request.getRequestURI().startsWith("/api/openapi");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader("Authorization");
        String secret = header != null && header.startsWith(BEARER)
                ? header.substring(BEARER.length()).strip()
                : "";
        long wait = told.seconds(secret);
        if (wait > 0) {
            Refused again = tooMuch(new TooMuch(wait));
            told.hold(request, () -> again.write(response));
            return;
        }
        Optional<KitchenToken> token = secret.isEmpty() ? Optional.empty() : tokens.find(secret);
        if (token.isEmpty()) {
            LOG.warn("a call from {} without a valid token: {}", request.getRemoteAddr(), request.getMethod());
            String text = Words.text("token-filter.a-valid-token-is-needed-authorization");
            refused(HttpStatus.UNAUTHORIZED, Map.of("WWW-Authenticate", "Bearer"), new Fault("Authorization", text))
                    .write(response);
            return;
        }
        byte[] body = request.getInputStream().readNBytes(LARGEST_BODY + 1);
        if (body.length > LARGEST_BODY) {
            String text = Words.text("token-filter.the-body-is-over-kb");
            refused(HttpStatus.CONTENT_TOO_LARGE, Map.of(), new Fault("body", text))
                    .write(response);
            return;
        }
        KitchenToken row = token.get();
        request.setAttribute(
                CALLER, new Caller(row.kitchenId(), row.id(), row.label(), Tokens.Scope.valueOf(row.scope())));
        try {
            boolean reckons = reckons(request.getRequestURI());
            quotas.take("token:" + row.id(), reckons ? COST_OF_RECKONING : 1);
            quotas.inTurn(row.kitchenId(), reckons ? Quotas.Work.RECKONING : Quotas.Work.CALLS, () -> {
                Buffered call = new Buffered(request, body);
                if (reckons) {
                    people.behind(() -> {
                        chain.doFilter(call, response);
                        end(response); // it need not wait for the room that its work makes
                    });
                } else {
                    chain.doFilter(call, response);
                }
                return row;
            });
        } catch (TooMuch e) {
            if (e.ownDoing()) {
                told.tell(secret, e.seconds());
            }
            tooMuch(e).write(response);
        } catch (IOException | ServletException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new ServletException(e);
        }
    }

    /** Sends all of an answer, its last piece too, before this thread is done. */
    private static void end(HttpServletResponse response) throws IOException {
        try {
            response.getOutputStream().close();
        } catch (IllegalStateException e) {
            response.getWriter().close(); // it was written so
        }
    }

    private static boolean reckons(String path) {
        return path.endsWith("/forecast")
                || path.endsWith("/routes")
                || path.endsWith("/reduce")
                || path.endsWith("/plan")
                || path.endsWith("/batches");
    }

    private Refused tooMuch(TooMuch wait) {
        return refused(
                HttpStatus.TOO_MANY_REQUESTS,
                Map.of("Retry-After", Long.toString(wait.seconds())),
                new Fault("Authorization", String.valueOf(wait.getMessage())));
    }

    private Refused refused(HttpStatus status, Map<String, String> headers, Fault fault) {
        return new Refused(status, headers, json.writeValueAsBytes(Problems.problem(status, List.of(fault))));
    }

    /** A refusal in words, for whoever writes it: in the language of the call, which a later thread does not know. */
    private record Refused(HttpStatus status, Map<String, String> headers, byte[] body) {
        void write(HttpServletResponse response) throws IOException {
            response.setStatus(status.value());
            response.setContentType("application/problem+json");
            headers.forEach(response::setHeader);
            response.getOutputStream().write(body);
        }
    }

    /** The request with its body already read. */
    private static final class Buffered extends HttpServletRequestWrapper {
        private final byte[] body;

        Buffered(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream bytes = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return bytes.read();
                }

                @Override
                public boolean isFinished() {
                    return bytes.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("the body is read at once");
                }
            };
        }
    }
}
