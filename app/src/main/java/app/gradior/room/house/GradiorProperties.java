package app.gradior.room.house;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Settings of this start.
 *
 * @param demo whether the demo kitchen is loaded and may be entered without a password
 * @param demoToken API token of the demo kitchen; empty for none
 * @param signup who may set up a kitchen once there is one
 * @param signupWord the word of this start that lets one more kitchen be set up; empty for none
 * @param hosts names this server goes by, besides this machine's loopback names
 * @param openapi whether the API's description is shown to those without a token
 * @param secondStep whether everybody shows a second thing beside the password
 * @param metricsPort where this machine alone may ask how it is doing; 0 for nowhere
 * @param house how it is reached from other devices of the house
 */
@ConfigurationProperties("gradior")
public record GradiorProperties(
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String demoToken,
        @DefaultValue("WORD") SignUp signup,
        @DefaultValue("") String signupWord,
        @DefaultValue List<String> hosts,
        @DefaultValue("false") boolean openapi,
        @DefaultValue("FREE") SecondStep secondStep,
        @DefaultValue("0") int metricsPort,
        @DefaultValue House house) {
    /**
     * How it is reached from other devices of the house: by https, at these addresses.
     *
     * @param open whether it listens to the house at all
     * @param plainPort where plain http only leads to https; on this machine itself it goes on as without a house
     * @param addresses with their scheme and port, the likeliest first
     * @param authority file of the certificate that signs ours, PEM; empty for none
     */
    public record House(
            @DefaultValue("false") boolean open,
            @DefaultValue("0") int plainPort,
            @DefaultValue List<String> addresses,
            @DefaultValue("") String authority) {
        /** This machine alone. */
        public static final House CLOSED = new House(false, 0, List.of(), "");
    }

    /** Whether nobody comes in by a password alone. */
    public boolean needsTwo() {
        return secondStep == SecondStep.NEEDED;
    }

    /** A code, or a passkey, beside the password. */
    public enum SecondStep {
        /** For those who want it. */
        FREE,
        /** For everybody: for sites that strangers reach. */
        NEEDED
    }

    /** Who may set up a kitchen. */
    public enum SignUp {
        /** Whoever has the word of this start; anybody while there is no kitchen yet. */
        WORD,
        /** Anybody. */
        OPEN
    }
}
