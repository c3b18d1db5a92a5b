package app.gradior.web.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.gradior.Settings;
import app.gradior.access.Members;
import app.gradior.access.Passkeys;
import app.gradior.access.Right;
import app.gradior.access.Role;
import app.gradior.access.SecondStep;
import app.gradior.access.SignIn;
import app.gradior.access.StoveDevices;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;

/** Where a second step is needed: who came in by a password alone sees nothing but where to set one up. */
class NeedsTwoTest {
    private final Members members = mock(Members.class);

    /** A page of each kind. */
    static class Pages {
        public void look() {}

        @Needs(Right.SELF)
        public void mine() {}

        @Needs(Right.NONE)
        public void door() {}
    }

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    private MockHttpServletResponse at(String page, String wanted, boolean byTwo) throws Exception {
        when(members.standing(7, 8))
                .thenReturn(Optional.of(new Members.Standing(Role.OWNER, Optional.empty(), Optional.empty())));
        Rights rights = new Rights(
                members, mock(StoveDevices.class), mock(SessionsOfMine.class), Settings.of("second-step", wanted));
        KitchenUser user = new KitchenUser(7, 8, 0, "jo", byTwo);
        SecurityContextHolder.getContext().setAuthentication(new TestingAuthenticationToken(user, "", "COOK"));
        MockHttpServletResponse response = new MockHttpServletResponse();
        boolean lets = rights.preHandle(
                new MockHttpServletRequest("GET", "/x"),
                response,
                new HandlerMethod(new Pages(), Pages.class.getMethod(page)));
        assertThat(lets).isEqualTo(response.getRedirectedUrl() == null);
        return response;
    }

    @Test
    void aPasswordAloneLeadsToSettingOneUp() throws Exception {
        assertThat(at("look", "needed", false).getRedirectedUrl()).isEqualTo("/account/second");
        assertThat(at("mine", "needed", false).getRedirectedUrl()).isNull();
        assertThat(at("door", "needed", false).getRedirectedUrl()).isNull();
        assertThat(at("look", "needed", true).getRedirectedUrl()).isNull();
        assertThat(at("look", "free", false).getRedirectedUrl()).isNull();
    }

    @Test
    void whoHasAPasskeyDoesNotComeInByThePasswordAlone() {
        SignIn signIn = mock(SignIn.class);
        Passkeys passkeys = mock(Passkeys.class);
        when(signIn.account(any(), any(), any())).thenReturn(Optional.of(new SignIn.Account(8, 7, "jo")));
        var typed = UsernamePasswordAuthenticationToken.unauthenticated("jo", "a long password");
        SecondStep none = mock(SecondStep.class);
        assertThat(new PasswordSignIn(signIn, none, passkeys, true)
                        .authenticate(typed)
                        .isAuthenticated())
                .isTrue();
        when(passkeys.of("jo")).thenReturn(List.of(new Passkeys.Key("k", "phone", Instant.EPOCH, Instant.EPOCH)));
        assertThatThrownBy(() -> new PasswordSignIn(signIn, none, passkeys, true).authenticate(typed))
                .isInstanceOf(PasswordSignIn.OnlyByPasskey.class);
        assertThat(new PasswordSignIn(signIn, none, passkeys, false)
                        .authenticate(typed)
                        .isAuthenticated())
                .as("where one is free to")
                .isTrue();
    }
}
