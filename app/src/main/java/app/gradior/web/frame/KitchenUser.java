package app.gradior.web.frame;

import app.gradior.access.SignIn;
import app.gradior.access.StoveDevices;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * Who is signed in. Kept in the session, so it must be serialisable; it holds no password, not even its hash. What they may do is asked
 * anew with every request ({@link Rights}).
 *
 * @param kitchenId the kitchen whose data this user sees, and no other's; 0 for none
 * @param accountId the account that came in; 0 for a device
 * @param deviceId the device at the stove; 0 for a person
 * @param username of a person the login, of a device what no login can be
 * @param byTwo whether they showed two things to come in: a passkey and who holds it, or a password and a code
 */
public record KitchenUser(long kitchenId, long accountId, long deviceId, String username, boolean byTwo)
        implements UserDetails {
    private static final long serialVersionUID = 2L;
    /** Logins are stripped: none begins so. */
    private static final String DEVICE = " device ";

    /** A person. */
    public KitchenUser(long kitchenId, long accountId, String username) {
        this(kitchenId, accountId, 0, username, false);
    }

    static KitchenUser of(SignIn.Account account) {
        return new KitchenUser(account.kitchenId(), account.id(), account.login());
    }

    static KitchenUser of(StoveDevices.Device device) {
        return new KitchenUser(device.kitchenId(), 0, device.id(), ofDevice(device.id()), false);
    }

    /** Who is signed in where this is asked; empty for nobody. */
    public static Optional<KitchenUser> signedIn() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof KitchenUser user ? Optional.of(user) : Optional.empty();
    }

    /** Under which name a device's sessions are kept. */
    static String ofDevice(long deviceId) {
        return DEVICE + deviceId;
    }

    public boolean isDevice() {
        return deviceId != 0;
    }

    /** The same person in another of their kitchens. */
    KitchenUser in(long otherKitchenId) {
        return new KitchenUser(otherKitchenId, accountId, deviceId, username, byTwo);
    }

    /** The same person, who showed a second thing. */
    KitchenUser withTwo() {
        return new KitchenUser(kitchenId, accountId, deviceId, username, true);
    }

    /** What a browser keeps things under: who, and in which kitchen. */
    public String mark() {
        return "k" + kitchenId + (isDevice() ? "d" + deviceId : "a" + accountId);
    }

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
