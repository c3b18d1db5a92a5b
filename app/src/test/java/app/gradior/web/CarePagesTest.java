package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import app.gradior.care.CareTopic;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The cautions in one place, the sheet for the wall, and what the model knows. */
class CarePagesTest extends PageCalls {
    @Test
    void everyTopicHasItsPlaceAndTheWayBack() throws Exception {
        String page = body(get("/care").header("Referer", "http://localhost/plan?sauce=3"));
        for (CareTopic topic : CareTopic.values()) {
            assertThat(page).contains("id=\"" + topic.key() + "\"");
        }
        assertThat(page).contains("href=\"/plan?sauce=3\"", "From 60 °C to 21 °C within two hours");
        assertThat(body(get("/care").param("q", "infants")))
                .contains("id=\"honey\"")
                .doesNotContain("id=\"cooling\"");
        assertThat(body(get("/care").param("q", "<b>zeppelin")))
                .contains("Nothing here by that name", "&lt;b&gt;zeppelin")
                .doesNotContain("<article");
    }

    /** One sheet of either paper, with what matters in a minute of need. */
    @ParameterizedTest
    @CsvSource({"a4", "letter"})
    void theSheetForTheWall(String paper) throws Exception {
        byte[] pdf = mvc.perform(as(get("/care/sheet.pdf").param("paper", paper)))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument sheet = Loader.loadPDF(pdf)) {
            assertThat(sheet.getNumberOfPages()).isEqualTo(1);
            float[] lowest = {0};
            PDFTextStripper lines = new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition letter) {
                    lowest[0] = Math.max(lowest[0], letter.getYDirAdj());
                    super.processTextPosition(letter);
                }
            };
            String text = lines.getText(sheet).replaceAll("\\s+", " ");
            assertThat(lowest[0])
                    .as("all of it is on the paper")
                    .isLessThan(sheet.getPage(0).getMediaBox().getHeight() - 30);
            assertThat(text)
                    .contains("running water on it for 20 minutes", "Lid on, heat off, no water", "No sheet replaces")
                    .doesNotContain("?");
        }
    }

    @Test
    void whatItKnows() throws Exception {
        String page = body(get("/care/knows"));
        assertThat(page.split("<svg class=\"curves\"", -1)).hasSize(4);
        assertThat(page).contains("id=\"term-BRIX\"", "Page Down");
    }
}
