package app.gradior.web.frame;

import app.gradior.access.Passkeys;
import app.gradior.access.SecondStep;
import app.gradior.access.SignIn;
import app.gradior.room.words.Words;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;

/** Name and password as the sign-in form sends them, with the place and the device they come from. */
public final class PasswordSignIn implements AuthenticationProvider {
    private final SignIn signIn;
    private final SecondStep second;
    private final Passkeys passkeys;
    private final boolean needsTwo;

    PasswordSignIn(SignIn signIn, SecondStep second, Passkeys passkeys, boolean needsTwo) {
        this.signIn = signIn;
        this.second = second;
        this.passkeys = passkeys;
        this.needsTwo = needsTwo;
    }

    /** The password fits, and is not enough: a code is wanted too. */
    static final class HalfIn extends AuthenticationException {
        private static final long serialVersionUID = 1L;
        private final String ticket;

        HalfIn(String ticket) {
            super("a code is wanted");
            this.ticket = ticket;
        }

        String ticket() {
            return ticket;
        }
    }

    /** The password fits, but here nobody comes in by one alone, and this account has a passkey for that. */
    public static final class OnlyByPasskey extends AuthenticationException {
        private static final long serialVersionUID = 1L;

        OnlyByPasskey() {
            super("a passkey is wanted");
        }
    }

    @Override
    public Authentication authenticate(Authentication typed) {
        SignIn.From from = typed.getDetails() instanceof SignIn.From f ? f : new SignIn.From("", "", "");
        String password = String.valueOf(typed.getCredentials());
        SignIn.Account account = signIn.account(typed.getName(), password, from)
                .orElseThrow(
                        () -> new BadCredentialsException(Words.text("password-sign-in.name-and-password-do-not-go")));
        if (second.isOn(account.id())) {
            throw new HalfIn(second.half(account.id()));
        }
        if (needsTwo && !passkeys.of(account.login()).isEmpty()) {
            throw new OnlyByPasskey();
        }
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
