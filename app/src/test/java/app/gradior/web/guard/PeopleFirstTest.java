package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.Pace;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** How a program's forecast makes room for pages, with a clock that the test sets; times in microseconds. */
class PeopleFirstTest {
    private long now;
    private final List<Long> rests = new ArrayList<>();
    private Runnable meanwhile = () -> {};

    private final PeopleFirst people = new PeopleFirst(() -> now * 1000, ns -> {
        rests.add(ns / 1000);
        now += ns / 1000;
        meanwhile.run();
    });

    /** Works so long, asked every tenth of a millisecond; how long all of it took. */
    private long works(Pace pace, long us) {
        long began = now;
        for (long done = 0; done < us; done += 100) {
            now += 100;
            pace.goOn();
        }
        return now - began;
    }

    @Test
    void withNobodyThereItWorksOn() {
        assertThat(works(people.first(), 24_000)).isEqualTo(24_000);
        assertThat(rests).isEmpty();
    }

    @Test
    void besidePagesItWorksAFifthOfTheTimeAndAfterThemAllOfIt() {
        Pace pace = people.first();
        PeopleFirst.Page one = people.page();
        PeopleFirst.Page two = people.page();
        assertThat(works(pace, 24_000)).isEqualTo(5 * 24_000);
        two.close();
        assertThat(works(pace, 5_000)).as("one of the two is still made").isEqualTo(5 * 5_000);
        one.close();
        assertThat(works(pace, 24_000)).isEqualTo(24_000);
    }

    @Test
    void aPageThatComesFindsRoomAtOnceAndOneThatIsMadeEndsTheRest() {
        Pace pace = people.first();
        works(pace, 10_000);
        PeopleFirst.Page page = people.page();
        meanwhile = page::close;
        now += 100;
        pace.goOn();
        assertThat(rests).as("half a millisecond of the two").containsExactly(500L);
        assertThat(works(pace, 3_000)).isEqualTo(3_000);
    }

    @Test
    void eachForecastHasItsOwnPace() {
        Pace pace = people.first();
        people.page();
        works(pace, 400);
        assertThat(rests).isEmpty();
        Pace another = people.first();
        works(another, 400);
        assertThat(rests).isEmpty();
        works(another, 100);
        assertThat(rests).hasSize(4);
    }

    @ParameterizedTest
    @CsvSource({"/, true", "/pot/41/panel, true", "/log/7, true", "/api/v1/batches/41/forecast, false", "/health, false"
    })
    void aPageIsWhatPeopleAskFor(String path, boolean page) throws Exception {
        Pace pace = people.first();
        new PagesFilter(people)
                .doFilter(
                        new MockHttpServletRequest("GET", path),
                        new MockHttpServletResponse(),
                        (request, response) -> works(pace, 500));
        assertThat(rests.isEmpty()).isEqualTo(!page);
        assertThat(works(pace, 3_000)).as("once it is made").isEqualTo(3_000);
    }
}
