package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.access.Audit;
import app.gradior.access.SecondStep;
import jakarta.servlet.http.Cookie;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;

/** A code after the password, and words on paper; codes are counted here by the letter of RFC 6238, without the library. */
class SecondStepTest extends PageCalls {
    private static final String PASSWORD = "a long password";
    private static final int STEP_S = 30;

    @Autowired
    private SecondStep second;

    @Autowired
    private Audit audit;

    @Autowired
    private JdbcTemplate jdbc;

    private String secret = "";

    private String code(int stepsAway) throws Exception {
        Mac mac = Mac.getInstance("HmacSHA1");
        mac.init(new SecretKeySpec(new Base32().decode(secret), "HmacSHA1"));
        byte[] hash = mac.doFinal(ByteBuffer.allocate(8)
                .putLong(clock.instant().getEpochSecond() / STEP_S + stepsAway)
                .array());
        int at = hash[hash.length - 1] & 0xf;
        return "%06d".formatted((ByteBuffer.wrap(hash, at, 4).getInt() & 0x7fffffff) % 1_000_000);
    }

    private MockHttpServletResponse send(String path, Cookie[] cookies, String... fields) throws Exception {
        var request = post(path).with(csrf());
        if (cookies.length > 0) {
            request.cookie(cookies);
        }
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request).andReturn().getResponse();
    }

    private MockHttpServletResponse mine(String path, String... fields) throws Exception {
        var request = as(post(path));
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(request).andReturn().getResponse();
    }

    /** The session's and the other cookies that two answers gave. */
    private static Cookie[] cookies(MockHttpServletResponse... answers) {
        return Stream.of(answers)
                .flatMap(one -> Arrays.stream(one.getCookies()))
                .filter(one -> !one.getValue().isEmpty())
                .toArray(Cookie[]::new);
    }

    private MockHttpServletResponse password(String password) throws Exception {
        return send("/login", new Cookie[0], "username", cook.username(), "password", password);
    }

    private void turnOn() throws Exception {
        Matcher found = Pattern.compile("secret=([A-Z2-7]{32})&")
                .matcher(body(get("/account/second")).replace("&amp;", "&"));
        assertThat(found.find()).isTrue();
        secret = found.group(1);
        assertThat(mine("/account/second", "password", PASSWORD, "code", code(0))
                        .getRedirectedUrl())
                .isEqualTo("/account/second?begun");
        clock.forward(Duration.ofSeconds(STEP_S));
    }

    private List<String> paper() throws Exception {
        String page = mine("/account/second/paper", "password", PASSWORD).getContentAsString();
        List<String> words = new ArrayList<>();
        Matcher word =
                Pattern.compile("<code>([a-z2-7]{4}(?:-[a-z2-7]{4}){5})</code>").matcher(page);
        while (word.find()) {
            words.add(word.group(1));
        }
        assertThat(words).hasSize(SecondStep.WORDS).doesNotHaveDuplicates();
        return words;
    }

    @Test
    void aCodeIsAskedForAfterThePasswordAndCountsOnce() throws Exception {
        assertThat(body(get("/account"))).contains("Your password alone opens your account");
        body(get("/account/second"));
        assertThat(mine("/account/second", "password", "another", "code", "123456")
                        .getContentAsString())
                .contains("That is not your password");
        assertThat(mine("/account/second", "password", PASSWORD, "code", "12345")
                        .getStatus())
                .isEqualTo(422);
        assertThat(second.isOn(cook.accountId())).isFalse();
        turnOn();
        assertThat(body(get("/account/second")))
                .as("nobody sees the secret again")
                .doesNotContain(secret)
                .contains("Stop asking");

        MockHttpServletResponse half = password(PASSWORD);
        assertThat(half.getRedirectedUrl()).isEqualTo("/login/second");
        Cookie[] between = cookies(half);
        assertThat(mvc.perform(get("/sauces").cookie(between))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .as("not in yet")
                .isEqualTo(302);
        assertThat(mvc.perform(get("/login/second").cookie(between))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Your code");
        for (int away : new int[] {-2, 2}) {
            assertThat(send("/login/second", between, "code", code(away)).getStatus())
                    .as("%d steps away", away)
                    .isEqualTo(401);
        }
        String now = code(0);
        MockHttpServletResponse in =
                send("/login/second", between, "code", now.substring(0, 3) + " " + now.substring(3));
        assertThat(in.getRedirectedUrl()).isEqualTo("/");
        assertThat(mvc.perform(get("/sauces").cookie(cookies(in)))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
        assertThat(send("/login/second", between, "code", code(1)).getRedirectedUrl())
                .as("the password's ticket counts once")
                .isEqualTo("/login");
        Cookie[] again = cookies(password(PASSWORD));
        assertThat(send("/login/second", again, "code", now).getStatus())
                .as("a code counts once")
                .isEqualTo(401);
        assertThat(send("/login/second", again, "code", code(-1)).getStatus())
                .as("nor does an older one after it")
                .isEqualTo(401);
        clock.forward(Duration.ofMinutes(4).plusSeconds(50));
        assertThat(send("/login/second", again, "code", code(0)).getRedirectedUrl())
                .isEqualTo("/");
        again = cookies(password(PASSWORD));
        clock.forward(Duration.ofMinutes(5).plusSeconds(1));
        assertThat(send("/login/second", again, "code", code(0)).getRedirectedUrl())
                .as("too long between the two")
                .isEqualTo("/login");
        assertThat(mine("/account/second/end", "password", "another").getStatus())
                .isEqualTo(422);
        assertThat(mine("/account/second/end", "password", PASSWORD).getRedirectedUrl())
                .isEqualTo("/account/second?ended");
        assertThat(password(PASSWORD).getRedirectedUrl()).isEqualTo("/");
        assertThat(audit.of(cook.kitchenId(), 0, 20))
                .extracting(Audit.Entry::what)
                .contains(Audit.What.SECOND_STEP_BEGUN, Audit.What.SECOND_STEP_ENDED);
    }

    @Test
    void aWordOnPaperStandsForACodeOrForAForgottenPasswordOnce() throws Exception {
        List<String> old = paper();
        List<String> words = paper();
        assertThat(words).doesNotContainAnyElementsOf(old);
        turnOn();
        Cookie[] between = cookies(password(PASSWORD));
        assertThat(send("/login/second", between, "code", old.get(0)).getStatus())
                .as("the paper before")
                .isEqualTo(401);
        MockHttpServletResponse in = send(
                "/login/second",
                between,
                "code",
                words.get(0).toUpperCase(java.util.Locale.ROOT).replace('-', ' '));
        assertThat(in.getRedirectedUrl()).isEqualTo("/");
        assertThat(send("/login/second", cookies(password(PASSWORD)), "code", words.get(0))
                        .getStatus())
                .isEqualTo(401);
        assertThat(body(get("/account/second"))).contains("You have 5 left.");

        String[] wanted = {
            "username", cook.username(), "paper", words.get(1), "code", "", "wanted", "a quince in a window"
        };
        assertThat(send("/login/forgotten", new Cookie[0], wanted).getStatus())
                .as("a code is asked for here")
                .isEqualTo(422);
        wanted[7] = "short";
        wanted[5] = code(0);
        assertThat(send("/login/forgotten", new Cookie[0], wanted).getContentAsString())
                .contains("Use 8 to 128 characters", cook.username());
        wanted[7] = "a quince in a window";
        assertThat(second.wordsLeft(cook.accountId())).as("nothing was used up").isEqualTo(5);
        assertThat(send("/login/forgotten", new Cookie[0], wanted).getRedirectedUrl())
                .isEqualTo("/login?recovered");
        assertThat(mvc.perform(get("/sauces").cookie(cookies(in)))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .as("signed out everywhere")
                .isEqualTo(302);
        assertThat(password(PASSWORD).getRedirectedUrl()).as("the old one").isNull();
        assertThat(password("a quince in a window").getRedirectedUrl())
                .as("the second step stays")
                .isEqualTo("/login/second");
        assertThat(send("/login/forgotten", new Cookie[0], wanted).getContentAsString())
                .contains("do not go together");
        assertThat(jdbc.queryForList("select hash from paper_word", String.class))
                .as("hashes alone are kept")
                .doesNotContainAnyElementsOf(
                        words.stream().map(w -> w.replace("-", "")).toList());
    }

    /** Who has the password does not guess codes for ever: signing in again gives back nothing of what those cost, nor does another address. */
    @Test
    void withThePasswordCodesAreGuessedNoFaster() throws Exception {
        turnOn();
        List<Integer> statuses = new ArrayList<>();
        for (int guess = 0; guess < 12; guess++) {
            Cookie[] between = cookies(password(PASSWORD));
            String from = "10.9.8." + guess;
            statuses.add(mvc.perform(post("/login/second")
                            .with(csrf())
                            .with(request -> {
                                request.setRemoteAddr(from);
                                return request;
                            })
                            .cookie(between)
                            .param("code", "000000"))
                    .andReturn()
                    .getResponse()
                    .getStatus());
        }
        assertThat(statuses).startsWith(401, 401, 401, 401, 401).endsWith(429, 429, 429, 429, 429, 429);
        clock.forward(Duration.ofDays(2));
        Cookie[] between = cookies(password(PASSWORD));
        assertThat(send("/login/second", between, "code", code(0)).getRedirectedUrl())
                .isEqualTo("/");
    }

    /** Whoever guesses waits, wherever a password or a code is asked for. */
    @Test
    void guessingWaits() throws Exception {
        turnOn();
        Cookie[] between = cookies(password(PASSWORD));
        assertThat(statuses(12, () -> send("/login/second", between, "code", "000000")))
                .endsWith(429)
                .contains(401);
        assertThat(send("/login/second", between, "code", code(0)).getHeader("Retry-After"))
                .isNotNull();
        clock.forward(Duration.ofDays(2));
        assertThat(statuses(
                        12,
                        () -> send(
                                "/login/forgotten",
                                new Cookie[0],
                                "username",
                                cook.username(),
                                "paper",
                                "x",
                                "wanted",
                                PASSWORD)))
                .endsWith(429);
        clock.forward(Duration.ofDays(2));
        for (int guess = 0; guess < 12; guess++) {
            mine("/account/close", "password", "guess " + guess);
        }
        mine("/account/close", "password", PASSWORD);
        assertThat(body(get("/account"))).as("the thirteenth waits").doesNotContain("goes for good");
        assertThat(mine("/account/second/end", "password", PASSWORD).getStatus())
                .isEqualTo(429);
    }

    private interface Call {
        MockHttpServletResponse send() throws Exception;
    }

    private static List<Integer> statuses(int times, Call call) throws Exception {
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            statuses.add(call.send().getStatus());
        }
        return statuses;
    }
}
