package app.gradior.method;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.Sauces;
import app.gradior.larder.Catalogue;
import app.gradior.measure.LineReader;
import app.gradior.measure.MeasureSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceWordsTest {
    private final PieceWords words = new PieceWords(new LineReader(Catalogue.standard(), MeasureSystem.METRIC));

    /** "1 bay-leaf: 2 bay leaves": stage, food, line. */
    private static List<PieceWords.In> pot(String... lines) {
        List<PieceWords.In> in = new ArrayList<>();
        for (String line : lines) {
            String[] parts = line.split("[ :]+", 3);
            in.add(new PieceWords.In(
                    in.size(), Integer.parseInt(parts[0]), parts[2], Optional.of(Sauces.food(parts[1]))));
        }
        return in;
    }

    private static final List<PieceWords.In> STEW = pot(
            "1 bacon: 150 g smoked bacon lardons",
            "2 onion: 2 onions, sliced",
            "2 bay-leaf: 2 bay leaves",
            "2 thyme: a few sprigs of thyme",
            "3 chicken-stock: 500 ml chicken stock",
            "3 cinnamon: 1 cinnamon stick",
            "3 orange: 3 strips of orange peel");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Pick out the orange peel | 6",
                "Take out the bay leaves and the thyme stalks | 2 3",
                "fish out the thyme sticks | 3",
                "Lift the bacon out with a slotted spoon | 0",
                "the lardons | 0",
                "cinnamon stick | 5",
                "bay leaf, orange | 2 6",
                "chicken stock | 4",
                "the pears | ''"
            })
    void aNameFindsItsLine(String said, String lines) {
        assertThat(words.named(said, STEW).stream().map(String::valueOf))
                .containsExactly(lines.isBlank() ? new String[0] : lines.split(" "));
    }

    @Test
    void whoNamesNothingMeansWhatIsNotEatenElseTheMeatThatWentInLast() {
        assertThat(words.meant("lift everything that is done with out", STEW)).containsExactly(2, 3, 5, 6);
        List<PieceWords.In> wings =
                pot("1 chicken: 1 kg chicken wings", "1 olive-oil: 1 tbsp oil", "2 honey: 100 g honey");
        assertThat(words.meant("I've lifted them out onto a tray", wings)).containsExactly(0);
        assertThat(words.meant("take them out", pot("1 honey: 100 g honey"))).isEmpty();
    }
}
