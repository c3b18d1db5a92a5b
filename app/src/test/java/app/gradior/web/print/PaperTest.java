package app.gradior.web.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.vessel.PotShape;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Paper measured as a cook would: rendered at 600 dots an inch, and the ink counted. */
class PaperTest {
    private static final int DPI = 600;
    private static final double DOTS_PER_MM = DPI / 25.4;
    private static final PotShape POT = new PotShape(240, 232, 130);

    private static BufferedImage rendered(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            return new PDFRenderer(document).renderImageWithDPI(0, DPI, ImageType.GRAY);
        }
    }

    private static boolean isInk(BufferedImage page, double xMm, double yMm) {
        int x = (int) Math.round(xMm * DOTS_PER_MM);
        int y = (int) Math.round(yMm * DOTS_PER_MM);
        return x >= 0 && y >= 0 && x < page.getWidth() && y < page.getHeight() && (page.getRGB(x, y) & 0xFF) < 128;
    }

    /** Length of the unbroken ink along a row, through a point, mm. */
    private static double inkAlong(BufferedImage page, double xMm, double yMm) {
        double step = 1 / DOTS_PER_MM;
        double left = xMm;
        double right = xMm;
        while (isInk(page, left - step, yMm)) {
            left -= step;
        }
        while (isInk(page, right + step, yMm)) {
            right += step;
        }
        return right - left;
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void theRulerIsAHundredMillimetresLong(boolean letter) throws IOException {
        double paperHeight = letter ? 279.4 : 297;
        for (byte[] pdf : List.of(Paper.dipstick("Rondeau", POT, List.of(), letter), Paper.ringTarget(letter))) {
            BufferedImage page = rendered(pdf);
            double row = paperHeight - 18;
            assertThat(isInk(page, 50, row)).as("the ruler's line").isTrue();
            assertThat(inkAlong(page, 50, row)).isCloseTo(100, within(0.5));
        }
    }

    @Test
    void theDipstickMarksAreWhereTheSauceWillStand() throws IOException {
        BufferedImage page = rendered(Paper.dipstick("Rondeau", POT, List.of(new Paper.Mark(47, "stop at")), false));
        double floor = 297 - 40;
        for (int mm = 0; mm <= 130; mm += 10) {
            assertThat(isInk(page, 25 + 4, floor - mm)).as(mm + " mm").isTrue();
        }
        assertThat(isInk(page, 25 + 4, floor - 13.5)).isFalse();
        assertThat(isInk(page, 25 + 34 + 4, floor - 47)).as("the plan's mark").isTrue();
        double litre = POT.levelMm(1000);
        assertThat(isInk(page, 25 + 34 - 2, floor - litre))
                .as("the mark of a litre")
                .isTrue();
    }

    @Test
    void theRingsAreRoundAndTrue() throws IOException {
        BufferedImage page = rendered(Paper.ringTarget(false));
        for (int radius = 10; radius <= 80; radius += 10) {
            for (double angle = 0.3; angle < 6.2; angle += 0.7) {
                double x = 105 + radius * Math.cos(angle);
                double y = 125 + radius * Math.sin(angle);
                boolean near = isInk(page, x, y)
                        || isInk(page, x + 0.08, y)
                        || isInk(page, x - 0.08, y)
                        || isInk(page, x, y + 0.08)
                        || isInk(page, x, y - 0.08);
                assertThat(near).as(radius + " mm at " + angle).isTrue();
            }
        }
    }

    @Test
    void namesThatThePapersFontLacksDoNotBreakIt() throws IOException {
        byte[] pdf = Paper.dipstick("Töpfchen 鍋 <b>", POT, List.of(), false);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("Töpfchen ? <b>");
        }
    }
}
