package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** What ./gradior docs writes: with the property gradior.docs set it is written anew, else it must already say the same. */
public final class Written {
    private static final Path MODEL_PAGE = Path.of("../docs/model.md");

    private Written() {}

    private static boolean anew() {
        return !System.getProperty("gradior.docs", "").isEmpty();
    }

    /** The part of docs/model.md between the marks of that name. */
    static synchronized void onTheModelsPage(String name, String text) throws IOException {
        String mark = "<!-- " + name + ": written by ./gradior docs -->\n";
        String page = Files.readString(MODEL_PAGE, StandardCharsets.UTF_8);
        int begin = page.indexOf(mark) + mark.length();
        int end = page.indexOf("<!-- end of " + name + " -->");
        if (anew()) {
            Files.writeString(MODEL_PAGE, page.substring(0, begin) + text + page.substring(end));
        } else {
            assertThat(page.substring(begin, end)).as("run ./gradior docs").isEqualTo(text);
        }
    }

    /** A file of such lines. */
    public static void inFile(Path file, List<String> lines) throws IOException {
        if (anew()) {
            Files.write(file, lines, StandardCharsets.UTF_8);
        } else {
            assertThat(lines).isEqualTo(Files.readAllLines(file, StandardCharsets.UTF_8));
        }
    }
}
