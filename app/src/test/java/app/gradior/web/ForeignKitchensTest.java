package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import app.gradior.access.Invitations;
import app.gradior.access.Role;
import app.gradior.batch.Origin;
import app.gradior.larder.StarchKind;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.batch.Batches;
import app.gradior.room.book.SauceBook;
import app.gradior.room.exchange.KitchenFileWriter;
import app.gradior.room.house.Kitchen;
import app.gradior.room.house.Tokens;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.plan.PlanDraft;
import app.gradior.room.plan.Plans;
import app.gradior.room.shelf.Shelf;
import app.gradior.web.frame.KitchenUser;
import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route there is, asked by another kitchen with this kitchen's ids: nothing is told, and nothing changes. */
class ForeignKitchensTest extends PageCalls {
    private static final String SECRET = "Quince-of-the-lighthouse";

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping routes;

    @Autowired
    private Batches batches;

    @Autowired
    private KitchenKit kit;

    @Autowired
    private SauceBook book;

    @Autowired
    private Plans plans;

    @Autowired
    private Tokens tokens;

    @Autowired
    private Invitations invitations;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private JdbcTemplate jdbc;

    private Kitchen victim;
    private KitchenUser owner = new KitchenUser(0, 0, "");
    private static final String STREAMED = "/kitchen/kitchen.json";

    private final Set<Long> ids = new LinkedHashSet<>();
    private long batch;

    @BeforeEach
    void aKitchenWithSecrets() throws Exception {
        owner = cook;
        victim = kitchens.kitchen(cook.kitchenId());
        long sauce = Long.parseLong(saveSauce("1 kg damsons, stoned", "260 g soft brown sugar"));
        jdbc.update("update sauce_version set name = ? where sauce_id = ?", SECRET, sauce);
        batch = batches.start(victim, SECRET, Origin.of(sauce, 1), glaze(SECRET), clock.instant());
        long pot = kit.pots(victim.id()).get(0).id();
        long burner = kit.burners(victim.id()).get(0).id();
        long kept = plans.save(
                victim, 0, 0, PlanDraft.asWritten(book.sauce(victim, sauce), pot, burner, 0, StarchKind.MAIZE));
        tokens.make(victim.id(), SECRET, Tokens.Scope.ALL);
        jdbc.update(
                "insert into container (kitchen_id, batch_id, name, ml, place, packed_on, use_by, state)"
                        + " values (?, ?, ?, 300, 'FRIDGE', '2026-12-01', '2026-12-03', ?)",
                victim.id(),
                batch,
                SECRET,
                Shelf.State.STORED.name());
        jdbc.update(
                "insert into photo (kitchen_id, batch_id, added_at, image) values (?, ?, now(), ?)",
                victim.id(),
                batch,
                SECRET.getBytes(StandardCharsets.UTF_8));
        jdbc.update(
                "insert into water_test (kitchen_id, pot_id, burner_id, started_at, start_g, look)"
                        + " values (?, ?, ?, now(), 1000, 'lively')",
                victim.id(),
                pot,
                burner);
        ids.addAll(List.of(sauce, batch, pot, burner, kept));
        invitations.make(victim.id(), Role.COOK, SECRET, owner.username());
        invitations.pair(invitations.make(victim.id(), Role.STOVE, SECRET, owner.username()));
        ids.add(owner.accountId());
        for (String table :
                List.of("api_token", "container", "photo", "water_test", "jar", "invitation", "stove_device")) {
            ids.addAll(jdbc.queryForList("select id from " + table + " where kitchen_id = ?", Long.class, victim.id()));
        }
    }

    private String everything() {
        String rows = "";
        for (String table : List.of(
                "api_token",
                "container",
                "photo",
                "water_test",
                "plan",
                "batch",
                "batch_event",
                "member",
                "invitation",
                "stove_device")) {
            rows += table
                    + jdbc.queryForList("select * from " + table + " where kitchen_id = ?", victim.id())
                            .toString()
                            .replaceAll("image=\\[B@[0-9a-f]+", "image");
        }
        return rows + new String(writer.write(victim), StandardCharsets.UTF_8);
    }

    private record Route(HttpMethod method, String pattern) {}

    /**
     * A session that is kept already, as every browser has one. What is streamed is written beside the request, and without one both
     * would write down a new session.
     */
    private Cookie session() throws Exception {
        return mvc.perform(as(get("/"))).andReturn().getResponse().getCookie("gradior");
    }

    private List<Route> allRoutes() {
        List<Route> all = new ArrayList<>();
        for (RequestMappingInfo info : routes.getHandlerMethods().keySet()) {
            for (String pattern : info.getPatternValues()) {
                Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
                for (RequestMethod method : methods.isEmpty() ? Set.of(RequestMethod.GET) : methods) {
                    all.add(new Route(method.asHttpMethod(), pattern));
                }
            }
        }
        return all;
    }

    private MockHttpServletRequestBuilder call(Route route, long id, String token) {
        String path = route.pattern().replaceAll("\\{[^}]+}", String.valueOf(id));
        MockHttpServletRequestBuilder call = request(route.method(), path);
        for (String name :
                List.of("id", "plan", "sauce", "pot", "burner", "batch", "version", "a", "b", "ids", "line")) {
            call.param(name, String.valueOf(id));
        }
        call.param("sure", "true")
                .param("useBy", "2026-12-02")
                .param("to", "USED")
                .param("why", "x")
                .param("minutes", "5");
        if (path.startsWith("/api/")) {
            call.header("Authorization", "Bearer " + token);
            if (route.method() == HttpMethod.POST) {
                call.contentType(MediaType.APPLICATION_JSON)
                        .content("{\"clientKey\":\"foreign\",\"type\":\"note\",\"text\":\"x\"}");
            }
            return call;
        }
        call.with(user(cook)).with(csrf());
        if (path.endsWith("/events")) {
            call.contentType(MediaType.APPLICATION_JSON)
                    .content(
                            "{\"clientKey\":\"foreign\",\"type\":\"note\",\"agoSeconds\":0,\"fields\":{\"text\":\"x\"}}");
        }
        return call;
    }

    @Test
    void anotherKitchenLearnsNothingAndChangesNothingOnAnyRoute() throws Exception {
        cook = cook(MeasureSystem.METRIC, false);
        String token = tokens.make(cook.kitchenId(), "own", Tokens.Scope.ALL);
        String before = everything();
        int asked = 0;
        int routesAsked = 0;
        int withIds = 0;
        for (Route route : allRoutes()) {
            if (route.pattern().contains("/stream") || route.pattern().startsWith("/error")) {
                continue;
            }
            routesAsked++;
            withIds += route.pattern().contains("{") ? 1 : 0;
            for (long id : ids) {
                MockHttpServletRequestBuilder call = call(route, id, token);
                if (route.pattern().equals(STREAMED)) {
                    call.cookie(session());
                }
                MockHttpServletResponse answer = mvc.perform(call).andReturn().getResponse();
                assertThat(answer.getStatus()).as(route + " " + id).isLessThan(500);
                assertThat(answer.getContentAsString() + answer.getHeaderNames())
                        .as(route + " " + id)
                        .doesNotContain(SECRET);
                asked++;
            }
        }
        assertThat(withIds).isGreaterThan(40);
        assertThat(routesAsked).as("routes, whatever ids the database gave").isGreaterThan(130);
        assertThat(asked).isEqualTo(routesAsked * ids.size()).isGreaterThan(500);
        assertThat(everything()).isEqualTo(before);
        cook = owner;
        assertThat(body(get("/pot/" + batch))).as("its own cook sees it").contains(SECRET);
    }

    @Test
    void withoutASignInOrWithATokenThatIsOverEveryRouteIsClosed() throws Exception {
        String revoked = tokens.make(victim.id(), "revoked", Tokens.Scope.ALL);
        tokens.remove(
                victim.id(),
                jdbc.queryForObject(
                        "select id from api_token where kitchen_id = ? and label = 'revoked'",
                        Long.class,
                        victim.id()));
        String expired = tokens.make(victim.id(), "expired", Tokens.Scope.ALL, Tokens.Life.MONTH);
        jdbc.update("update api_token set expires_at = '2026-01-01' where label = 'expired'");
        String calendar = tokens.make(victim.id(), "calendar", Tokens.Scope.CALENDAR);
        Set<String> open = Set.of(
                "/login",
                "/login/refused",
                "/login/second",
                "/login/forgotten",
                "/login/passkey",
                "/login/passkey/options",
                "/setup",
                "/demo",
                "/whoami",
                "/trust",
                "/trust/gradior.crt",
                "/manifest.webmanifest",
                "/join/{word}",
                "/join/{word}/new",
                "/join/{word}/device",
                "/feed/{token}/shelf.ics");
        for (Route route : allRoutes()) {
            String path = route.pattern().replaceAll("\\{[^}]+}", String.valueOf(batch));
            if (path.startsWith("/api/")) {
                for (String token : List.of("", revoked, expired, "grd_" + "0".repeat(48))) {
                    assertThat(mvc.perform(request(route.method(), path).header("Authorization", "Bearer " + token))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus())
                            .as(route + " " + token)
                            .isEqualTo(401);
                }
                if (path.startsWith("/api/v1/batches")) {
                    assertThat(mvc.perform(request(route.method(), path)
                                            .header("Authorization", "Bearer " + calendar)
                                            .contentType(MediaType.APPLICATION_JSON)
                                            .content("{}"))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus())
                            .as(route + " calendar")
                            .isEqualTo(403);
                }
            } else if (!open.contains(route.pattern()) && !route.pattern().startsWith("/error")) {
                MockHttpServletResponse answer = mvc.perform(
                                request(route.method(), path).with(csrf()))
                        .andReturn()
                        .getResponse();
                assertThat(answer.getStatus()).as(route.toString()).isEqualTo(302);
                assertThat(answer.getRedirectedUrl()).endsWith("/login");
                assertThat(mvc.perform(request(route.method(), path)
                                        .with(csrf())
                                        .header("X-Requested-By", "page"))
                                .andReturn()
                                .getResponse()
                                .getStatus())
                        .as(route + " by a script")
                        .isEqualTo(401);
            }
        }
        assertThat(tokens.calendar(calendar)).isPresent();
        assertThat(tokens.calendar(expired)).isEmpty();
    }
}
