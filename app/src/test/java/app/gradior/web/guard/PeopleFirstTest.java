package app.gradior.web.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.estimate.Pace;
import jakarta.servlet.ServletException;
import java.io.IOException;
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
        assertThat(works(people.pace(), 24_000)).isEqualTo(24_000);
        assertThat(rests).isEmpty();
    }

    @Test
    void besidePagesItWorksASeventeenthOfTheTimeAndAfterThemAllOfIt() {
        Pace pace = people.pace();
        PeopleFirst.Page one = people.page();
        PeopleFirst.Page two = people.page();
        assertThat(works(pace, 24_000)).isEqualTo(17 * 24_000);
        two.close();
        assertThat(works(pace, 5_000)).as("one of the two is still made").isEqualTo(17 * 5_000);
        one.close();
        long made = now;
        now += 20_000;
        pace.goOn();
        assertThat(now - made).as("the next may follow, for 30 ms").isEqualTo(30_000);
        assertThat(works(pace, 24_000)).isEqualTo(24_000);
    }

    @Test
    void aPageThatComesFindsRoomAtOnceAndOneThatIsMadeEndsTheRest() {
        Pace pace = people.pace();
        works(pace, 10_000);
        PeopleFirst.Page page = people.page();
        meanwhile = once(page);
        now += 5_000;
        long began = now;
        pace.goOn();
        assertThat(now - began)
                .as("half a millisecond, and whether another follows, of the eighty that were owed")
                .isEqualTo(30_500);
        assertThat(works(pace, 3_000)).isEqualTo(3_000);
    }

    @Test
    void eachForecastHasItsOwnPace() {
        Pace pace = people.pace();
        people.page();
        works(pace, 400);
        assertThat(rests).isEmpty();
        Pace another = people.pace();
        works(another, 400);
        assertThat(rests).isEmpty();
        works(another, 100);
        assertThat(rests).hasSize(16);
    }

    /** How long a call's work takes with the room that it makes afterwards. */
    private long behind(PeopleFirst.Work work) {
        long began = now;
        try {
            people.behind(work);
        } catch (IOException | ServletException e) {
            assertThat(e).hasMessage("broken off");
        }
        return now - began;
    }

    @Test
    void workWithoutAPaceMakesItsRoomWhenItIsDone() {
        assertThat(behind(() -> now += 20_000)).as("with nobody there").isEqualTo(20_000);
        PeopleFirst.Page page = people.page();
        assertThat(behind(() -> now += 20_000)).isEqualTo(17 * 20_000);
        assertThat(behind(() -> {
                    now += 20_000;
                    throw new IOException("broken off");
                }))
                .isEqualTo(17 * 20_000);
        assertThat(behind(() -> now += 400_000))
                .as("everything is slow: no more than 0.6 s")
                .isEqualTo(1_000_000);
        meanwhile = once(page);
        assertThat(behind(() -> now += 20_000)).as("until the page is made").isEqualTo(50_500);
    }

    @Test
    void aPageThatWaitsForSomethingNeedsNoRoom() {
        people.page();
        Pace pace = people.pace();
        now += 1_999_000;
        pace.goOn();
        assertThat(rests).as("until the two seconds are over").containsExactly(500L, 500L);
        assertThat(works(pace, 24_000)).isEqualTo(24_000);
        people.page();
        assertThat(works(pace, 1_000)).as("another page").isEqualTo(17_000);
    }

    private Runnable once(PeopleFirst.Page page) {
        return () -> {
            page.close();
            meanwhile = () -> {};
        };
    }

    @Test
    void aForecastWithinACallRestsOnceForWhatItDid() {
        people.page();
        assertThat(behind(() -> {
                    now += 3_000; // its batch is read
                    works(people.pace(), 24_000);
                    now += 1_000; // and its answer written
                }))
                .isEqualTo(17 * 28_000);
        assertThat(people.pace()).as("the next call's own").isNotSameAs(people.pace());
    }

    @ParameterizedTest
    @CsvSource({"/, true", "/pot/41/panel, true", "/log/7, true", "/api/v1/batches/41/forecast, false", "/health, false"
    })
    void aPageIsWhatPeopleAskFor(String path, boolean page) throws Exception {
        Pace pace = people.pace();
        new PagesFilter(people)
                .doFilter(
                        new MockHttpServletRequest("GET", path),
                        new MockHttpServletResponse(),
                        (request, response) -> works(pace, 500));
        assertThat(rests.isEmpty()).isEqualTo(!page);
        now += 30_000;
        assertThat(works(people.pace(), 3_000)).as("once it is made").isEqualTo(3_000);
    }
}
