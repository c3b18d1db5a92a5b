package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import app.gradior.access.DoorWord;
import app.gradior.access.Role;
import app.gradior.access.StoveDevices;
import app.gradior.finding.Refusal;
import app.gradior.measure.MeasureSystem;
import app.gradior.web.frame.KitchenUser;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** A kitchen's people and devices: how they come in, what each may do, and how they go. */
class PeopleTest extends PeopleCalls {
    @Autowired
    private StoveDevices devices;

    @Autowired
    private DoorWord door;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping routes;

    @Test
    void anInvitationLetsOneNewCookInOnceWithinADay() throws Exception {
        String word = word(Role.COOK);
        String login = "jo-" + System.nanoTime();
        for (int look = 0; look < 2; look++) {
            assertThat(at("/join/" + word).getContentAsString()).contains("Come into Test kitchen", cook.username());
        }
        MockHttpServletResponse tooShort = byNobody("/join/" + word + "/new", "login", login, "password", "short");
        assertThat(tooShort.getStatus()).isEqualTo(422);
        assertThat(tooShort.getContentAsString()).as("nothing typed is lost").contains(login);
        assertThat(byNobody("/join/" + word + "/new", "login", cook.username(), "password", "a long password")
                        .getContentAsString())
                .contains("This name is taken");
        MockHttpServletResponse in = byNobody("/join/" + word + "/new", "login", login, "password", "a long password");
        assertThat(in.getRedirectedUrl()).isEqualTo("/");
        assertThat(at("/kitchen/people", in.getCookies()).getContentAsString()).contains(login, cook.username());
        assertThat(members.of(cook.kitchenId())).extracting(one -> one.role()).containsExactly(Role.OWNER, Role.COOK);
        assertThat(at("/join/" + word).getStatus()).isEqualTo(404);
        assertThat(byNobody("/join/" + word + "/new", "login", login + "2", "password", "a long password")
                        .getStatus())
                .isEqualTo(404);
        assertThat(kitchens.find(cook.kitchenId())).isPresent();

        String late = word(Role.COOK);
        clock.forward(Duration.ofHours(24).minusSeconds(2));
        assertThat(at("/join/" + late).getStatus()).isEqualTo(200);
        clock.forward(Duration.ofSeconds(4));
        assertThat(at("/join/" + late).getStatus()).isEqualTo(404);
        assertThatThrownBy(() -> invitations.join(late, cook.accountId())).isInstanceOf(Refusal.class);
        assertThat(at("/join/" + "0".repeat(48)).getStatus()).as("guessed").isEqualTo(404);

        String back = word(Role.COOK);
        by(
                cook,
                "/kitchen/people/invitations/"
                        + invitations.of(cook.kitchenId()).get(0).id() + "/end");
        MockHttpServletResponse taken =
                byNobody("/join/" + back + "/new", "login", cook.username(), "password", "a long password");
        assertThat(taken.getStatus()).as("taken back").isEqualTo(404);
        assertThat(taken.getContentAsString()).as("nor who has a name here").doesNotContain("name is taken");
    }

    @Test
    void aWordIsForWhatItSays() throws Exception {
        String device = word(Role.STOVE);
        assertThat(byNobody(
                                "/join/" + device + "/new",
                                "login",
                                "x-" + System.nanoTime(),
                                "password",
                                "a long password")
                        .getStatus())
                .as("no account by a device's word")
                .isEqualTo(422);
        String person = word(Role.COOK);
        assertThat(byNobody("/join/" + person + "/device").getStatus()).isEqualTo(422);
        assertThat(devices.of(cook.kitchenId())).isEmpty();
        assertThat(members.of(cook.kitchenId())).hasSize(1);
        assertThat(at("/join/" + device).getStatus()).as("neither was used up").isEqualTo(200);
        assertThat(at("/join/" + person).getStatus()).isEqualTo(200);
        KitchenUser sameAgain = joined(Role.COOK);
        assertThatThrownBy(() -> invitations.join(person, sameAgain.accountId()))
                .isInstanceOf(Refusal.class);
        assertThat(at("/join/" + person).getStatus()).as("nobody came").isEqualTo(200);
    }

    /** Every page that changes something, asked by each kind of guest: who looks on changes nothing, nobody but an owner owns. */
    @Test
    void eachRoleMayWhatItMayOnEveryRoute() throws Exception {
        KitchenUser looker = joined(Role.LOOKER_ON);
        KitchenUser other = joined(Role.COOK);
        StoveDevices.Device device =
                devices.find(invitations.pair(word(Role.STOVE))).orElseThrow();
        KitchenUser tablet = new KitchenUser(cook.kitchenId(), 0, device.id(), " device " + device.id(), false);
        Set<String> owners = Set.of(
                "/kitchen", "/kitchen/import", "/kitchen/close", "/kitchen/keep", "/kit/tokens", "/log/shelf/feed");
        Map<String, List<Integer>> answers = new TreeMap<>();
        for (RequestMappingInfo info : routes.getHandlerMethods().keySet()) {
            for (String pattern : info.getPatternValues()) {
                boolean sends = info.getMethodsCondition().getMethods().contains(RequestMethod.POST);
                if (sends && !pattern.matches("/(api|join|login|setup|demo|error).*")) {
                    String path = pattern.replaceAll("\\{[^}]+}", "0");
                    List<Integer> of = new ArrayList<>();
                    for (KitchenUser who : List.of(looker, other, tablet)) {
                        of.add(by(who, path).getStatus());
                    }
                    answers.put(pattern, of);
                }
            }
        }
        assertThat(answers).hasSizeGreaterThan(60);
        answers.forEach((pattern, of) -> {
            boolean own = owners.contains(pattern) || pattern.matches("/(kitchen/people|kit/tokens)/.*");
            boolean self = pattern.startsWith("/account") || pattern.startsWith("/practice/eye");
            boolean practises = pattern.startsWith("/practice");
            assertThat(of.get(0) == 403).as("looks on: " + pattern).isEqualTo(!self && !practises);
            assertThat(of.get(1) == 403).as("cook: " + pattern).isEqualTo(own);
            assertThat(of.get(2) == 403).as("device: " + pattern).isEqualTo(own || self);
        });
        for (KitchenUser who : List.of(looker, other, tablet)) {
            assertThat(page(who, "/kit")).doesNotContain("Make a token");
            assertThat(page(who, "/kitchen/people")).doesNotContain("Pair a device");
            assertThat(mvc.perform(get("/kitchen/kitchen.json").with(user(who)))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .isEqualTo(403);
        }
        assertThat(page(looker, "/")).contains("looks on");
        assertThat(by(looker, "/kitchen", "name", "Mine").getContentAsString()).contains("Only an owner");
    }

    @Test
    void aPairedDeviceNeedsNoPasswordUntilItIsEnded() throws Exception {
        String word = word(Role.STOVE);
        MockHttpServletResponse paired = byNobody("/join/" + word + "/device");
        assertThat(paired.getRedirectedUrl()).isEqualTo("/");
        Cookie secret = paired.getCookie("gradior-stove");
        assertThat(secret.isHttpOnly()).isTrue();
        assertThat(byNobody("/join/" + word + "/device").getStatus()).as("once").isEqualTo(404);
        assertThat(at("/", secret).getContentAsString())
                .as("its session is over: it comes in by itself")
                .contains("stove device")
                .doesNotContain(">Sign out<");
        assertThat(at("/css/gradior.css", secret).getCookie("gradior"))
                .as("no session for a style")
                .isNull();
        long id = devices.of(cook.kitchenId()).get(0).id();
        KitchenUser stranger = cook(MeasureSystem.METRIC, false);
        by(stranger, "/kitchen/people/devices/" + id + "/end");
        assertThat(devices.device(cook.kitchenId(), id)).isPresent();
        Cookie[] inside = Stream.concat(
                        Stream.of(secret), Stream.of(at("/", secret).getCookies()))
                .toArray(Cookie[]::new);
        by(cook, "/kitchen/people/devices/" + id + "/end");
        assertThat(at("/", inside).getRedirectedUrl()).endsWith("/login");
        assertThat(at("/", secret).getRedirectedUrl()).endsWith("/login");
        assertThat(at("/", new Cookie("gradior-stove", "0".repeat(48))).getRedirectedUrl())
                .endsWith("/login");

        String late = word(Role.STOVE);
        clock.forward(Duration.ofMinutes(16));
        assertThat(byNobody("/join/" + late + "/device").getStatus()).isEqualTo(404);
    }

    @Test
    void aKitchenKeepsAnOwnerAndPeopleGo() throws Exception {
        KitchenUser jo = joined(Role.COOK);
        String people = "/kitchen/people/members/" + cook.accountId();
        by(cook, people + "/role", "role", "COOK");
        by(cook, people + "/remove");
        assertThat(by(cook, "/account/kitchens/" + cook.kitchenId() + "/leave").getStatus())
                .isEqualTo(409);
        assertThat(members.role(cook.kitchenId(), cook.accountId())).contains(Role.OWNER);
        by(cook, "/kitchen/people/members/" + jo.accountId() + "/role", "role", "STOVE");
        assertThat(members.role(cook.kitchenId(), jo.accountId()))
                .as("a person is no device")
                .contains(Role.COOK);
        by(cook, "/kitchen/people/members/" + jo.accountId() + "/role", "role", "OWNER");
        assertThat(by(cook, "/account/kitchens/" + cook.kitchenId() + "/leave").getRedirectedUrl())
                .isEqualTo("/account");
        assertThat(page(cook, "/account?nowhere")).contains("You belong to no kitchen now");
        MockHttpServletResponse shut =
                mvc.perform(get("/sauces").with(user(cook))).andReturn().getResponse();
        assertThat(shut.getRedirectedUrl()).isEqualTo("/account?nowhere");
        assertThat(by(cook, "/sauces", "name", "x").getRedirectedUrl()).isEqualTo("/account?nowhere");
        assertThat(by(cook, "/account/kitchens/" + jo.kitchenId() + "/go").getStatus())
                .as("no way back alone")
                .isEqualTo(404);
        assertThat(members.of(jo.kitchenId())).extracting(one -> one.login()).containsExactly(jo.username());
        String back = invitations.make(jo.kitchenId(), Role.LOOKER_ON, "", jo.username());
        assertThat(page(cook, "/join/" + back)).contains("Come in as " + cook.username());
        assertThat(by(cook, "/join/" + back).getRedirectedUrl()).isEqualTo("/");
        assertThat(members.role(jo.kitchenId(), cook.accountId())).contains(Role.LOOKER_ON);
        KitchenUser elsewhere = cook(MeasureSystem.METRIC, false);
        String more = invitations.make(elsewhere.kitchenId(), Role.COOK, "", elsewhere.username());
        assertThat(by(cook, "/join/" + more).getRedirectedUrl())
                .as("who looks on here may cook there")
                .isEqualTo("/");
    }

    @Test
    void aMemberWhoIsTakenOutIsSignedOutEverywhere() throws Exception {
        String login = "jo-" + System.nanoTime();
        Cookie[] jos = byNobody("/join/" + word(Role.COOK) + "/new", "login", login, "password", "a long password")
                .getCookies();
        assertThat(at("/sauces", jos).getStatus()).isEqualTo(200);
        long jo = members.of(cook.kitchenId()).get(1).accountId();
        by(cook, "/kitchen/people/members/" + jo + "/remove");
        assertThat(at("/sauces", jos).getRedirectedUrl()).endsWith("/login");
        Cookie[] again = byNobody("/login", "username", login, "password", "a long password")
                .getCookies();
        assertThat(at("/", again).getRedirectedUrl()).isEqualTo("/account?nowhere");
    }

    @Test
    void whoeverHasNoKitchenLeftSetsUpAnotherOfTheirOwn() throws Exception {
        KitchenUser jo = joined(Role.OWNER);
        by(cook, "/account/kitchens/" + cook.kitchenId() + "/leave");
        assertThat(by(cook, "/account/kitchens", "name", "Cabin", "word", "wrong")
                        .getContentAsString())
                .as("asks for this computer's word, and keeps what was typed")
                .contains("value=\"Cabin\"");
        door.is("a word of this machine");
        assertThat(by(cook, "/account/kitchens", "name", "Cabin", "word", "a word of this machine")
                        .getRedirectedUrl())
                .isEqualTo("/");
        assertThat(members.places(cook.accountId()))
                .extracting(place -> place.name())
                .containsExactly("Cabin");
        assertThat(members.of(jo.kitchenId())).hasSize(1);
    }

    @Test
    void oneAccountGoesBetweenItsKitchens() throws Exception {
        KitchenUser jo = joined(Role.COOK);
        long own = members.places(jo.accountId()).stream()
                .filter(place -> place.role() == Role.OWNER)
                .findFirst()
                .orElseThrow()
                .kitchenId();
        Cookie[] in = byNobody("/login", "username", jo.username(), "password", "a long password")
                .getCookies();
        assertThat(at("/whoami", in).getContentAsString()).contains("k" + jo.kitchenId() + "a" + jo.accountId());
        MockHttpServletResponse gone = mvc.perform(
                        post("/account/kitchens/" + own + "/go").cookie(in).with(csrf()))
                .andReturn()
                .getResponse();
        assertThat(gone.getRedirectedUrl()).isEqualTo("/");
        assertThat(at("/whoami", gone.getCookies()).getContentAsString()).contains("k" + own + "a");
        Cookie[] next = byNobody("/login", "username", jo.username(), "password", "a long password")
                .getCookies();
        assertThat(at("/whoami", next).getContentAsString())
                .as("where they were last")
                .contains("k" + own + "a");
    }
}
