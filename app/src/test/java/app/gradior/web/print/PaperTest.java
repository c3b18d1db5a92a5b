package app.gradior.web.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.room.words.Words;
import app.gradior.vessel.PotShape;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
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
import org.junit.jupiter.params.provider.EnumSource;
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

    /** What an allergic guest reads is what the cook wrote, in the languages of many kitchens; and the file stays small. */
    @Test
    void labelsKeepTheLettersOfOtherAlphabets() throws IOException {
        List<String> lines = List.of("œufs, crème · ½ ≥ 5 °C", "żurek, jęczmień, ňuf", "σησάμι, γάλα", "молоко, яйця");
        byte[] pdf = Labels.sheet(Labels.Size.A4_8, new Labels.Text("Żurek Łódzki", lines, "http://g.example/1"), 0, 8);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains(lines)
                    .contains("Żurek Łódzki")
                    .doesNotContain("?");
        }
        assertThat(pdf.length).isLessThan(200_000);
    }

    /** All fourteen allergens on the smallest label: small, but there. */
    @Test
    void nothingIsLeftOffASmallLabel() throws IOException {
        String all = java.util.Arrays.stream(app.gradior.larder.Allergen.values())
                .map(Words::say)
                .collect(java.util.stream.Collectors.joining(", "));
        List<String> lines = List.of(
                "Keep at 5 °C or below, use by 23 Dec 2026", "Contains " + all, "Made 20 Dec 2026", "Batch 412");
        byte[] pdf =
                Labels.sheet(Labels.Size.LETTER_30, new Labels.Text("Everything", lines, "http://g.example/1"), 0, 1);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
                    .contains("Contains " + all)
                    .contains("Batch 412");
        }
    }

    @ParameterizedTest
    @EnumSource(Labels.Size.class)
    void labelsAreTrueToScaleAndTheirCodeLeadsToTheBatch(Labels.Size size) throws Exception {
        String address = "http://gradior.example/log/412";
        Labels.Text text = new Labels.Text(
                "Damson & star anise glaze", List.of("Made 20 Dec 2026", "Contains milk, sulphites"), address);
        byte[] pdf = Labels.sheet(size, text, 0, size.capacity());
        BufferedImage page = rendered(pdf);
        double[] first = switch (size) {
            case A4_21 -> new double[] {7.25, 15.5, 63.5, 38};
            case A4_14 -> new double[] {4.75, 15.5, 99, 38};
            case A4_8 -> new double[] {4.75, 13.5, 99, 67.5};
            case LETTER_30 -> new double[] {4.76, 12.7, 66.675, 25.4};
            case LETTER_10 -> new double[] {4.0, 12.7, 101.6, 50.8};
        };
        assertThat(inkNear(page, first[0] + 1, first[1])).as("its upper edge").isTrue();
        assertThat(inkNear(page, first[0] + 1, first[1] + first[3]))
                .as("its lower edge")
                .isTrue();
        assertThat(inkNear(page, first[0], first[1] + 1)).as("its left edge").isTrue();
        assertThat(inkNear(page, first[0] + first[2], first[1] + 1))
                .as("its right edge")
                .isTrue();
        assertThat(decoded(page, first[0], first[1], first[2], first[3])).isEqualTo(address);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String words = new PDFTextStripper().getText(document);
            assertThat(words.split("Contains milk", -1)).hasSize(size.capacity() + 1);
        }
        try (PDDocument document = Loader.loadPDF(Labels.sheet(size, text, size.capacity() - 2, 9))) {
            assertThat(new PDFTextStripper().getText(document).split("Made 20", -1))
                    .as("no more than there are places left")
                    .hasSize(3);
        }
    }

    private static boolean inkNear(BufferedImage page, double xMm, double yMm) {
        for (double off = -0.15; off <= 0.15; off += 0.05) {
            if (isInk(page, xMm + off, yMm) || isInk(page, xMm, yMm + off)) {
                return true;
            }
        }
        return false;
    }

    private static String decoded(BufferedImage page, double xMm, double yMm, double widthMm, double heightMm)
            throws Exception {
        int left = (int) (xMm * DOTS_PER_MM);
        int top = (int) (yMm * DOTS_PER_MM);
        int width = (int) (widthMm * DOTS_PER_MM);
        int height = (int) (heightMm * DOTS_PER_MM);
        int[] pixels = page.getRGB(left, top, width, height, null, 0, width);
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(width, height, pixels))))
                .getText();
    }
}
