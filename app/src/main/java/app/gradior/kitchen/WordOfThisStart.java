package app.gradior.kitchen;

import app.gradior.access.SignUpWord;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The word that the launcher printed is the one that lets a kitchen be set up. */
@Component
class WordOfThisStart {
    private final SignUpWord word;
    private final GradiorProperties properties;

    WordOfThisStart(SignUpWord word, GradiorProperties properties) {
        this.word = word;
        this.properties = properties;
    }

    @EventListener(ApplicationStartedEvent.class)
    void keep() {
        if (!properties.signupWord().isBlank()) {
            word.is(properties.signupWord());
        }
    }
}
