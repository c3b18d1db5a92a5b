package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The real server over HTTP against those who mean no good: planted sessions, guessing, slow connections, foreign hosts. */
class HostileHttpTest {
    private static final String WORD = "cedar-plum-sage-1234";
    private static RunningApplication application;

    @BeforeAll
    static void start() {
        application = RunningApplication.demo(
                Map.of("GRADIOR_SIGNUP", "open", "GRADIOR_HOSTS", "stove.example", "GRADIOR_OPENAPI", "true"));
    }

    @AfterAll
    static void stop() {
        application.close();
    }

    @Test
    void aPlantedSessionOpensNothingAfterwardsHoweverTheVictimComesIn() {
        new Visitor(application).signUp("victim");
        Visitor attacker = new Visitor(application);
        attacker.signUp("attacker");
        for (String way : List.of("sign in", "sign up", "demo", "switch")) {
            attacker.signIn("attacker", Visitor.PASSWORD);
            String planted = attacker.session();
            Visitor victim = new Visitor(application);
            if (way.equals("switch")) {
                victim.signIn("victim", Visitor.PASSWORD);
            }
            victim.plant(planted);
            String expected = switch (way) {
                case "sign up" -> {
                    victim.signUp("victim-again");
                    yield "Kitchen of victim-again";
                }
                case "demo" -> {
                    victim.post("/login", "/demo", Map.of());
                    yield victim.kitchen();
                }
                default -> {
                    victim.signIn("victim", Visitor.PASSWORD);
                    yield "Kitchen of victim";
                }
            };
            assertThat(victim.kitchen()).as(way).isEqualTo(expected).isNotEmpty();
            assertThat(victim.cookies())
                    .as(way + ": a new id")
                    .anyMatch(cookie -> cookie.getName().equals("gradior")
                            && !cookie.getValue().equals(planted));
            Visitor withPlanted = new Visitor(application);
            withPlanted.plant(planted);
            assertThat(withPlanted.kitchen())
                    .as(way + ": the old session has ended")
                    .isEmpty();
        }
    }

    @Test
    void aSignOutEndsTheSessionAndItsRow() {
        Visitor cook = new Visitor(application);
        cook.signUp("leaver");
        String session = cook.session();
        cook.post("/kitchen", "/logout", Map.of());
        Visitor later = new Visitor(application);
        later.plant(session);
        assertThat(later.kitchen()).isEmpty();
        assertThat(application.ask("select hex(ATTRIBUTE_BYTES) from SPRING_SESSION_ATTRIBUTES"))
                .as("no hash of a password in any session")
                .noneMatch(bytes -> bytes.contains(hex("{argon2")) || bytes.contains(hex("{bcrypt")));
        assertThat(application.log()).contains("“leaver” signed in from").contains("“leaver” signed out at");
    }

    private static String hex(String text) {
        return java.util.HexFormat.of().withUpperCase().formatHex(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void whoeverGuessesWaitsLongerAndLongerAndTheCooksOwnDeviceDoesNot() {
        Visitor cook = new Visitor(application);
        cook.signUp("guessed");
        Visitor stranger = new Visitor(application);
        int taken = 0;
        HttpResponse<String> answer = stranger.signIn("guessed", "wrong 0");
        for (int i = 1; i < 40 && answer.statusCode() != 429; i++) {
            assertThat(answer.statusCode()).isEqualTo(401);
            taken++;
            answer = stranger.signIn("guessed", "wrong " + i);
        }
        assertThat(answer.statusCode()).as("after " + taken).isEqualTo(429);
        assertThat(taken).isBetween(4, 20);
        assertThat(Integer.parseInt(answer.headers().firstValue("Retry-After").orElse("0")))
                .isPositive();
        assertThat(answer.body()).contains("Too many tries").contains("value=\"guessed\"");
        assertThat(stranger.signIn("guessed", Visitor.PASSWORD).statusCode())
                .as("the right one, from there, has to wait too")
                .isEqualTo(429);
        assertThat(stranger.kitchen()).isEmpty();
        assertThat(cook.signIn("guessed", Visitor.PASSWORD).statusCode()).isEqualTo(302);
        assertThat(cook.kitchen()).isEqualTo("Kitchen of guessed");

        // Another browser of the cook's, where the stranger is: the word of whoever runs this computer lets it in,
        // once.
        Visitor fresh = new Visitor(application);
        assertThat(fresh.signIn("guessed", Visitor.PASSWORD).body()).contains("name=\"word\"");
        application.sql("insert into signup_word (word_hash, made_at) values (sha2('" + WORD + "', 256), now(3))");
        Map<String, String> form = new LinkedHashMap<>(Map.of("username", "guessed", "password", Visitor.PASSWORD));
        form.put("word", "cedar-plum-sage-1235");
        assertThat(fresh.post("/login", "/login", form).statusCode()).isEqualTo(429);
        form.put("word", WORD);
        form.put("password", "wrong again");
        assertThat(fresh.post("/login", "/login", form).statusCode()).isEqualTo(401);
        form.put("password", Visitor.PASSWORD);
        assertThat(fresh.post("/login", "/login", form).statusCode()).isEqualTo(302);
        assertThat(fresh.kitchen()).isEqualTo("Kitchen of guessed");
        assertThat(new Visitor(application).post("/login", "/login", form).statusCode())
                .as("used up")
                .isEqualTo(429);
        assertThat(application.log())
                .contains("sign-in of “guessed” from 127.0.0.1 failed")
                .contains("sign-in of “guessed” from 127.0.0.1 has to wait");
    }

    @Test
    void passwordsOfAnyScriptAndOldHashesFitAndTheCommonestAreRefused() {
        Visitor cook = new Visitor(application);
        cook.signUp("scripts");
        for (String password : List.of("пароль-повара-длинный", "厨房密码长一些八字", "p".repeat(60) + "äöüß€".repeat(13))) {
            String name = "script-" + password.hashCode();
            Map<String, String> form = new LinkedHashMap<>(Map.of(
                    "name", "Scripts", "login", name, "password", password, "measures", "METRIC", "altitude", "0"));
            form.put("timeZone", "UTC");
            assertThat(new Visitor(application).post("/setup", "/setup", form).statusCode())
                    .as(password)
                    .isEqualTo(302);
            assertThat(new Visitor(application).signIn(name, password).statusCode())
                    .as(password)
                    .isEqualTo(302);
        }
        for (String bad : List.of("iloveyou", "short", "x".repeat(129), "scripted", "aaaaaaaaaaaa")) {
            Map<String, String> form = new LinkedHashMap<>(
                    Map.of("name", "Bad", "login", "scripted", "password", bad, "measures", "METRIC", "altitude", "0"));
            form.put("timeZone", "UTC");
            HttpResponse<String> answer = new Visitor(application).post("/setup", "/setup", form);
            assertThat(answer.statusCode()).as(bad).isEqualTo(422);
            assertThat(answer.body()).contains("Password:").contains("value=\"scripted\"");
        }
        String old = "{bcrypt}$2a$10$" + "N9qo8uLOickgx2ZMRZoMyeIjZAgcfl7p92ldGxad68LJZdL17lhWy";
        application.sql("update account set password_hash = '" + old + "' where login = 'scripts'");
        assertThat(new Visitor(application).signIn("scripts", "x".repeat(100)).statusCode())
                .as("no 500")
                .isEqualTo(401);
    }

    @Test
    void oneNameForSixAtOnceIsOneAccount() {
        List<Integer> answers = IntStream.range(0, 6)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> new Visitor(application).signUp("racer").statusCode()))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .sorted()
                .toList();
        assertThat(answers).containsExactly(302, 422, 422, 422, 422, 422);
        assertThat(application.ask("select count(*) from account where login = 'racer'"))
                .containsExactly("1");
    }

    @Test
    void strangersWhoOnlyLookLeaveNoSessionAndForeignHostsAndManyLanguagesAreAnswered() throws IOException {
        int before = Integer.parseInt(
                application.ask("select count(*) from SPRING_SESSION").get(0));
        for (int i = 0; i < 60; i++) {
            assertThat(new Visitor(application)
                            .get(i % 2 == 0 ? "/login" : "/sauces")
                            .statusCode())
                    .isIn(200, 302);
        }
        assertThat(Integer.parseInt(
                        application.ask("select count(*) from SPRING_SESSION").get(0)))
                .as("others sign in meanwhile, at most")
                .isLessThan(before + 20);
        assertThat(raw("GET /sauces HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 421")
                .doesNotContain("evil.example");
        assertThat(raw("GET /login HTTP/1.1\r\nHost: stove.example\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 200");
        StringBuilder languages = new StringBuilder("en");
        for (int i = 0; i < 300; i++) {
            languages.append(",x").append((char) ('a' + i % 26)).append("-Y").append((char) ('A' + i % 26));
        }
        HttpResponse<String> many = new Visitor(application).get("/login", "Accept-Language", languages.toString());
        assertThat(many.statusCode()).isEqualTo(200);
        assertThat(many.headers().firstValue("Referrer-Policy")).contains("same-origin");
        assertThat(many.headers().firstValue("Permissions-Policy").orElse("")).contains("camera=()");
        assertThat(new Visitor(application).get("/api/openapi.json").statusCode())
                .as("shown to anybody where the setting says so")
                .isEqualTo(200);
        assertThat(cookies(new Visitor(application).get("/login", "X-Forwarded-Proto", "https")))
                .as("nobody is believed to be a proxy")
                .isNotEmpty()
                .noneMatch(cookie -> cookie.contains("Secure"));
    }

    private static List<String> cookies(HttpResponse<String> answer) {
        return answer.headers().allValues("Set-Cookie");
    }

    private static String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", application.port())) {
            socket.setSoTimeout((int) Visitor.PATIENCE.toMillis());
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void slowBodiesAndSlowHeadersKeepNobodyWaitingAndAreCutOff() throws IOException {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 400; i++) {
                Socket socket = new Socket("127.0.0.1", application.port());
                socket.setSoTimeout((int) Visitor.PATIENCE.toMillis());
                OutputStream out = socket.getOutputStream();
                String head = i % 4 == 0
                        ? "GET /login HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Slow: "
                        : "POST /login HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                + "Content-Length: 100000\r\n\r\nusername=";
                out.write(head.getBytes(StandardCharsets.US_ASCII));
                out.flush();
                slow.add(socket);
            }
            Visitor cook = new Visitor(application);
            cook.post("/login", "/demo", Map.of());
            assertThat(cook.get("/sauces").statusCode()).isEqualTo(200);
            assertThat(cook.get("/pot/41").statusCode()).isEqualTo(200);
            // A byte now and then, as such connections do: they end all the same.
            for (Socket socket : slow.subList(0, 8)) {
                assertThat(endsThoughDripped(socket)).isTrue();
            }
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    private static boolean endsThoughDripped(Socket socket) throws IOException {
        socket.setSoTimeout(1000);
        InputStream in = socket.getInputStream();
        for (int i = 0; i < 90; i++) {
            try {
                int read = in.read();
                while (read >= 0) {
                    read = in.read();
                }
                return true;
            } catch (java.net.SocketTimeoutException e) {
                try {
                    socket.getOutputStream().write('a');
                } catch (IOException closed) {
                    return true;
                }
            } catch (IOException closed) {
                return true;
            }
        }
        return false;
    }

    @Test
    void aStreamEndsWithItsSessionAndWithItsToken() throws Exception {
        Visitor cook = new Visitor(application);
        cook.post("/login", "/demo", Map.of());
        HttpResponse<InputStream> page = cook.send(
                HttpRequest.newBuilder(URI.create(application.url() + "/pot/41/stream"))
                        .header("X-Requested-By", "page")
                        .build(),
                HttpResponse.BodyHandlers.ofInputStream());
        assertThat(page.statusCode()).isEqualTo(200);
        String token = token(cook, "streamer");
        HttpResponse<InputStream> program = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(application.url() + "/api/v1/batches/41/stream"))
                                .header("Authorization", "Bearer " + token)
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        assertThat(program.statusCode()).isEqualTo(200);
        String id = application
                .ask("select id from api_token where label = 'streamer'")
                .get(0);
        cook.post("/kit", "/kit/tokens/" + id + "/remove", Map.of());
        assertThat(ends(program.body())).as("the token is revoked").isTrue();
        cook.post("/kit", "/logout", Map.of());
        assertThat(ends(page.body())).as("the session is over").isTrue();
    }

    /** A new token of a cook's kitchen that may read. */
    private static String token(Visitor cook, String label) {
        String made = cook.post("/kit", "/kit/tokens", Map.of("label", label, "scope", "READ", "life", "MONTH"))
                .headers()
                .firstValue("Location")
                .orElse("");
        assertThat(made).contains("/kit");
        Matcher token = Pattern.compile("<code>(grd_[0-9a-f]+)</code>")
                .matcher(cook.get("/kit").body());
        assertThat(token.find()).isTrue();
        return token.group(1);
    }

    private static boolean ends(InputStream stream) {
        return CompletableFuture.supplyAsync(() -> {
                    try {
                        stream.readAllBytes();
                    } catch (IOException e) {
                        // closed in the middle: it has ended
                    }
                    return true;
                })
                .completeOnTimeout(false, Visitor.PATIENCE.toSeconds(), java.util.concurrent.TimeUnit.SECONDS)
                .join();
    }

    @Test
    void manyStreamsOfOneKitchenAreItsDevicesAndNoMore() throws Exception {
        List<InputStream> open = new ArrayList<>();
        HttpClient http = HttpClient.newHttpClient();
        for (int i = 0; i < 40; i++) {
            open.add(http.send(
                            HttpRequest.newBuilder(URI.create(application.url() + "/api/v1/batches/42/stream"))
                                    .header("Authorization", "Bearer " + RunningApplication.TOKEN)
                                    .build(),
                            HttpResponse.BodyHandlers.ofInputStream())
                    .body());
        }
        assertThat(ends(open.get(0))).as("the oldest is let go").isTrue();
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(application.url() + "/api/v1/batches?state=live"))
                        .header("Authorization", "Bearer " + RunningApplication.TOKEN)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("\"nextPage\":null");
        for (InputStream stream : open) {
            stream.close();
        }
    }

    @Test
    void aFloodOfOneTokenIsToldToWait() throws Exception {
        HttpClient http = HttpClient.newHttpClient();
        Visitor cook = new Visitor(application);
        cook.post("/login", "/demo", Map.of());
        HttpRequest forecast = HttpRequest.newBuilder(URI.create(application.url() + "/api/v1/batches/42/forecast"))
                .header(
                        "Authorization",
                        "Bearer " + token(cook, "flood")) // for a while it is told to wait, whatever it asks
                .build();
        List<CompletableFuture<HttpResponse<String>>> flood = IntStream.range(0, 60)
                .mapToObj(i -> http.sendAsync(forecast, HttpResponse.BodyHandlers.ofString()))
                .toList();
        Visitor other = new Visitor(application);
        other.signUp("bystander");
        assertThat(other.get("/sauces").statusCode()).isEqualTo(200);
        List<Integer> answers =
                flood.stream().map(answer -> answer.join().statusCode()).toList();
        assertThat(answers).contains(200).allMatch(status -> status == 200 || status == 429);
    }

    @Test
    void withoutItsDatabaseItSaysSoPlainlyAndComesBackByItself() {
        Visitor cook = new Visitor(application);
        cook.post("/login", "/demo", Map.of());
        PrivateMariaDb.get().kill();
        try {
            HttpResponse<String> page = cook.get("/sauces");
            assertThat(page.statusCode()).isEqualTo(503);
            assertThat(page.headers().firstValue("Retry-After")).isPresent();
            assertThat(page.body())
                    .contains("The database is away for a moment")
                    .doesNotContain("SQL");
            HttpResponse<String> call = new Visitor(application)
                    .get("/api/v1/batches", "Authorization", "Bearer " + RunningApplication.TOKEN);
            assertThat(call.statusCode()).isEqualTo(503);
            assertThat(call.headers().firstValue("Content-Type")).contains("application/problem+json");
            assertThat(new Visitor(application).get("/health/readiness").statusCode())
                    .isEqualTo(503);
            assertThat(new Visitor(application).get("/health/liveness").statusCode())
                    .isEqualTo(200);
        } finally {
            PrivateMariaDb.get().restart();
        }
        int status = 503;
        long until = System.nanoTime() + Visitor.PATIENCE.toNanos();
        while (status != 200 && System.nanoTime() < until) {
            status = cook.get("/sauces").statusCode();
            assertThat(status).isIn(200, 503);
        }
        assertThat(status).as("without a restart").isEqualTo(200);
        assertThat(new Visitor(application).get("/health/readiness").statusCode())
                .isEqualTo(200);
    }

    @Test
    void anotherKitchenNeedsTheWordAndItWorksOnce() {
        try (RunningApplication closed =
                RunningApplication.demo(Map.of("GRADIOR_SIGNUPWORD", WORD, "GRADIOR_FORWARDED", "native"))) {
            RunningApplication open = application;
            application = closed;
            try {
                Visitor newcomer = new Visitor(application);
                HttpResponse<String> without = newcomer.signUp("newcomer");
                assertThat(without.statusCode()).isEqualTo(422);
                assertThat(without.body()).contains("name=\"word\"").contains("Word:");
                Map<String, String> form = new LinkedHashMap<>(Map.of(
                        "name",
                        "New",
                        "login",
                        "newcomer",
                        "password",
                        Visitor.PASSWORD,
                        "measures",
                        "METRIC",
                        "altitude",
                        "0"));
                form.put("timeZone", "UTC");
                form.put("word", "plum-plum-plum-1111");
                assertThat(newcomer.post("/setup", "/setup", form).statusCode()).isEqualTo(422);
                form.put("word", " Cedar-Plum-Sage-1234 ");
                assertThat(newcomer.post("/setup", "/setup", form).statusCode()).isEqualTo(302);
                assertThat(newcomer.kitchen()).isEqualTo("New");
                form.put("login", "second");
                assertThat(new Visitor(application)
                                .post("/setup", "/setup", form)
                                .statusCode())
                        .as("used up")
                        .isEqualTo(422);
                assertThat(new Visitor(application).get("/api/openapi.json").statusCode())
                        .isEqualTo(401);
                assertThat(cookies(new Visitor(application).get("/login", "X-Forwarded-Proto", "https")))
                        .as("behind a proxy that is believed")
                        .isNotEmpty()
                        .allMatch(cookie -> cookie.startsWith("__Host-") && cookie.contains("Secure"));
                new Visitor(application)
                        .get("/api/v1/batches", "X-Forwarded-For", "192.0.2.7", "Authorization", "Bearer grd_none");
                assertThat(closed.log()).contains("192.0.2.7");
            } finally {
                application = open;
            }
        }
    }
}
