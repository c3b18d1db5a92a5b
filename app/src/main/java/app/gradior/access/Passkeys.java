package app.gradior.access;

import app.gradior.finding.Refusal;
import app.gradior.kept.Utc;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.JdbcPublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Passkeys in the place of a password (W3C WebAuthn, by Spring Security). A key is kept by the name of this machine that the browser
 * knows, asks for the person's finger, face or PIN, and signs a challenge that counts once. A browser makes none for a bare number such
 * as 192.168.1.5.
 */
@Service
public class Passkeys {
    private static final Logger LOG = LoggerFactory.getLogger(Passkeys.class);
    /** Of one account. */
    public static final int MOST = 20;
    /** So long a person may take. */
    private static final Duration LIFE = Duration.ofMinutes(5);
    /** Open at once, of everybody: more is no sign-in any more. */
    private static final int MOST_CHALLENGES = 10_000;

    private static final int LONGEST_LABEL = 80;
    private static final String TO_SIGN_IN = "sign-in";
    private static final Pattern NUMBERS = Pattern.compile("[0-9.]+|.*:.*|\\[.*");

    private final UserCredentialRepository keys;
    private final PublicKeyCredentialUserEntityRepository users;
    private final AccessMapper mapper;
    private final SignIn signIn;
    private final Clock clock;
    private final JsonMapper json =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();

    Passkeys(JdbcOperations jdbc, AccessMapper mapper, SignIn signIn, Clock clock) {
        this.keys = new JdbcUserCredentialRepository(jdbc);
        this.users = new JdbcPublicKeyCredentialUserEntityRepository(jdbc);
        this.mapper = mapper;
        this.signIn = signIn;
        this.clock = clock;
    }

    /**
     * Where the browser found us; the name is one of ours, for others are not answered.
     *
     * @param host the name
     * @param origin scheme, name and port
     */
    public record At(String host, String origin) {
        /** Whether browsers make keys for it: for names, and not for bare numbers. */
        public boolean hasName() {
            return !NUMBERS.matcher(host).matches();
        }
    }

    /** A key of an account. */
    public record Key(String id, String label, Instant made, Instant used) {}

    /** All of an account, the oldest first. */
    public List<Key> of(String login) {
        PublicKeyCredentialUserEntity user = users.findByUsername(login);
        if (user == null) {
            return List.of();
        }
        return keys.findByUserId(user.getId()).stream()
                .map(key -> new Key(
                        key.getCredentialId().toBase64UrlString(), key.getLabel(), key.getCreated(), key.getLastUsed()))
                .sorted(Comparator.comparing(Key::made))
                .toList();
    }

    /** @throws Refusal when the account has no such key */
    @Transactional
    public void remove(String login, String id) {
        if (of(login).stream().noneMatch(key -> key.id().equals(id))) {
            throw Members.nobody();
        }
        keys.delete(Bytes.fromBase64(id));
        LOG.info("a passkey of {} was removed", SignIn.shown(login));
    }

    /** All of an account go. */
    void removeAll(String login) {
        of(login).forEach(key -> remove(login, key.id()));
        PublicKeyCredentialUserEntity user = users.findByUsername(login);
        if (user != null) {
            users.delete(user.getId());
        }
    }

    /**
     * What a browser needs to make a key for whoever is signed in, as JSON.
     *
     * @throws Refusal when there are enough
     */
    @Transactional
    public String toMake(Authentication who, At at) {
        if (of(who.getName()).size() >= MOST) {
            throw Refusal.unfit("passkeys", new PeopleFinding.Enough(MOST));
        }
        PublicKeyCredentialCreationOptions options = creation(who, at, Bytes.random());
        keep(options.getChallenge(), toMakeOne(who));
        return json.writeValueAsString(options);
    }

    private PublicKeyCredentialCreationOptions creation(Authentication who, At at, Bytes challenge) {
        Webauthn4JRelyingPartyOperations party = party(at);
        party.setCustomizeCreationOptions(options -> options.challenge(challenge)
                .timeout(LIFE)
                .authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        return party.createPublicKeyCredentialCreationOptions(
                new ImmutablePublicKeyCredentialCreationOptionsRequest(who));
    }

    /**
     * Keeps the key that a browser made.
     *
     * @param made what the browser answered, as JSON
     * @throws Refusal when it is none, or its challenge is over
     */
    @Transactional(noRollbackFor = Refusal.class) // a challenge counts once, whatever comes of it
    public void keep(Authentication who, At at, String label, String made) {
        String called = Refusal.text("label", label, LONGEST_LABEL);
        PublicKeyCredential<AuthenticatorAttestationResponse> credential =
                read(made, new TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>>() {});
        Bytes challenge = used(credential.getResponse().getClientDataJSON(), toMakeOne(who));
        try {
            party(at)
                    .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                            creation(who, at, challenge), new RelyingPartyPublicKey(credential, called)));
        } catch (RuntimeException e) {
            LOG.warn("a passkey of {} was not taken: {}", SignIn.shown(who.getName()), e.toString());
            throw notTaken();
        }
        LOG.info("{} has a passkey more", SignIn.shown(who.getName()));
    }

    /** What a browser needs to sign in by a key, as JSON; whoever it is, the key says. */
    @Transactional
    public String toSignIn(At at) {
        PublicKeyCredentialRequestOptions options = request(at, Bytes.random());
        keep(options.getChallenge(), TO_SIGN_IN);
        return json.writeValueAsString(options);
    }

    private PublicKeyCredentialRequestOptions request(At at, Bytes challenge) {
        Webauthn4JRelyingPartyOperations party = party(at);
        party.setCustomizeRequestOptions(options -> options.challenge(challenge)
                .timeout(LIFE)
                .allowCredentials(List.of())
                .userVerification(UserVerificationRequirement.REQUIRED));
        return party.createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(null));
    }

    /**
     * The account whose key signed; empty when none did.
     *
     * @param signed what the browser answered, as JSON
     * @throws Refusal when it is no answer, or its challenge is over
     */
    @Transactional
    public Optional<SignIn.Account> account(At at, String signed, String address) {
        PublicKeyCredential<AuthenticatorAssertionResponse> credential =
                read(signed, new TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>>() {});
        Bytes challenge = used(credential.getResponse().getClientDataJSON(), TO_SIGN_IN);
        try {
            PublicKeyCredentialUserEntity user =
                    party(at).authenticate(new RelyingPartyAuthenticationRequest(request(at, challenge), credential));
            return signIn.account(user.getName());
        } catch (RuntimeException e) {
            LOG.warn("a passkey from {} did not fit: {}", address, e.toString());
            return Optional.empty();
        }
    }

    private Webauthn4JRelyingPartyOperations party(At at) {
        return new Webauthn4JRelyingPartyOperations(
                users,
                keys,
                PublicKeyCredentialRpEntity.builder()
                        .id(at.host())
                        .name("Gradior")
                        .build(),
                Set.of(at.origin()));
    }

    private <T> T read(String text, TypeReference<T> type) {
        try {
            return json.readValue(text, type);
        } catch (JacksonException | IllegalArgumentException e) {
            LOG.debug("no passkey: {}", e.toString());
            throw notTaken();
        }
    }

    /** What a challenge is for: one that was given to anybody at the door makes no key. */
    private static String toMakeOne(Authentication who) {
        return "make:" + who.getName();
    }

    private void keep(Bytes challenge, String purpose) {
        if (mapper.challenges() >= MOST_CHALLENGES) {
            mapper.forgetChallenges(Utc.now(clock));
            if (mapper.challenges() >= MOST_CHALLENGES) {
                throw new TooManyTries(LIFE);
            }
        }
        mapper.insertChallenge(hash(challenge, purpose), Utc.now(clock).plus(LIFE));
    }

    /** The challenge that was signed, if it is one of ours and for this; it counts no more. */
    private Bytes used(Bytes clientData, String purpose) {
        Bytes challenge;
        try {
            challenge = new Bytes(Base64.getUrlDecoder()
                    .decode(json.readTree(clientData.getBytes())
                            .path("challenge")
                            .asString("")));
        } catch (JacksonException | IllegalArgumentException e) {
            throw notTaken();
        }
        if (mapper.useChallenge(hash(challenge, purpose), Utc.now(clock)) == 0) {
            throw notTaken();
        }
        return challenge;
    }

    private static String hash(Bytes challenge, String purpose) {
        return Hashes.sha256(challenge.toBase64UrlString() + " " + purpose);
    }

    private static Refusal notTaken() {
        return Refusal.unfit("passkey", new PasswordFinding.NoPasskey());
    }
}
