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
 */
@ConfigurationProperties("gradior")
public record GradiorProperties(
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String demoToken,
        @DefaultValue("WORD") SignUp signup,
        @DefaultValue("") String signupWord,
        @DefaultValue List<String> hosts,
        @DefaultValue("false") boolean openapi) {
    /** Who may set up a kitchen. */
    public enum SignUp {
        /** Whoever has the word of this start; anybody while there is no kitchen yet. */
        WORD,
        /** Anybody. */
        OPEN
    }
}
