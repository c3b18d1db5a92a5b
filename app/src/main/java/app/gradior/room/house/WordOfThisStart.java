package app.gradior.room.house;

import app.gradior.access.DoorWord;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The word that the launcher printed is the one that opens the door. */
@Component
class WordOfThisStart {
    private final DoorWord word;
    private final GradiorProperties properties;

    WordOfThisStart(DoorWord word, GradiorProperties properties) {
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
