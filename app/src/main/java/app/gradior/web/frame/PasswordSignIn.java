package app.gradior.web.frame;

import app.gradior.access.SignIn;
import app.gradior.room.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;

/** Name and password as the sign-in form sends them, with the place and the device they come from. */
final class PasswordSignIn implements AuthenticationProvider {
    private final SignIn signIn;

    PasswordSignIn(SignIn signIn) {
        this.signIn = signIn;
    }

    /** Where a try comes from. */
    static SignIn.From from(HttpServletRequest request) {
        String word = request.getParameter("word");
        return new SignIn.From(request.getRemoteAddr(), Entrance.device(request), word == null ? "" : word);
    }

    @Override
    public Authentication authenticate(Authentication typed) {
        SignIn.From from = typed.getDetails() instanceof SignIn.From f ? f : new SignIn.From("", "", "");
        String password = String.valueOf(typed.getCredentials());
        SignIn.Account account = signIn.account(typed.getName(), password, from)
                .orElseThrow(
                        () -> new BadCredentialsException(Words.text("password-sign-in.name-and-password-do-not-go")));
        KitchenUser user = KitchenUser.of(account);
        UsernamePasswordAuthenticationToken in =
                UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities());
        in.setDetails(""); // where it came from is nothing for the session to keep
        return in;
    }

    @Override
    public boolean supports(Class<?> authentication) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(authentication);
    }
}
