package app.gradior.web.frame;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * Who is signed in. Kept in the session, so it must be serialisable; it holds no password, not even its hash.
 *
 * @param kitchenId the kitchen whose data this user sees, and no other's
 * @param accountId the account that came in
 */
public record KitchenUser(long kitchenId, long accountId, String username) implements UserDetails {
    private static final long serialVersionUID = 2L;

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("COOK"));
    }

    @Override
    public String getPassword() {
        return "";
    }

    @Override
    public String getUsername() {
        return username;
    }
}
