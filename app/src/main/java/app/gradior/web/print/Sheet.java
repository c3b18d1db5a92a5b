package app.gradior.web.print;

import app.gradior.room.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** One page of paper drawn on in millimetres from its top left corner. */
final class Sheet implements AutoCloseable {
    private static final double POINTS_PER_MM = 72 / 25.4;
    /** A quarter circle by one Bézier curve. */
    private static final double CIRCLE = 0.5522847498;

    private final PDDocument document = new PDDocument();
    private final PDPageContentStream out;
    private final double heightMm;
    private final double widthMm;
    /** Embedded, so that a label shows the same letters on every printer: Latin of all languages, Greek, Cyrillic. */
    private final PDFont font = font("/print/text.ttf");

    private final PDFont bold = font("/print/bold.ttf");

    Sheet(boolean letter) {
        PDRectangle size = letter ? PDRectangle.LETTER : PDRectangle.A4;
        PDPage page = new PDPage(size);
        document.addPage(page);
        widthMm = size.getWidth() / POINTS_PER_MM;
        heightMm = size.getHeight() / POINTS_PER_MM;
        try {
            out = new PDPageContentStream(document, page);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private PDFont font(String resource) {
        try (InputStream in = Sheet.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException("the font " + resource + " is missing");
            }
            return PDType0Font.load(document, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }

    private float x(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    private float y(double mm) {
        return (float) ((heightMm - mm) * POINTS_PER_MM);
    }

    Sheet line(double x1, double y1, double x2, double y2, double thickMm) {
        return draw(() -> {
            out.setLineWidth((float) (thickMm * POINTS_PER_MM));
            out.moveTo(x(x1), y(y1));
            out.lineTo(x(x2), y(y2));
            out.stroke();
        });
    }

    /** A filled rectangle. */
    Sheet box(double x, double y, double width, double height) {
        return draw(() -> {
            out.addRect(x(x), y(y + height), x(width), x(height));
            out.fill();
        });
    }

    /** Width of a text, mm. */
    double textMm(String text, double points, boolean heavy) {
        try {
            return (heavy ? bold : font).getStringWidth(printable(text, heavy)) / 1000 * points / POINTS_PER_MM;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Sheet circle(double cx, double cy, double radius, double thickMm) {
        return draw(() -> {
            double k = CIRCLE * radius;
            out.setLineWidth((float) (thickMm * POINTS_PER_MM));
            out.moveTo(x(cx + radius), y(cy));
            curve(cx + radius, cy + k, cx + k, cy + radius, cx, cy + radius);
            curve(cx - k, cy + radius, cx - radius, cy + k, cx - radius, cy);
            curve(cx - radius, cy - k, cx - k, cy - radius, cx, cy - radius);
            curve(cx + k, cy - radius, cx + radius, cy - k, cx + radius, cy);
            out.stroke();
        });
    }

    private void curve(double x1, double y1, double x2, double y2, double x3, double y3) throws IOException {
        out.curveTo(x(x1), y(y1), x(x2), y(y2), x(x3), y(y3));
    }

    /** Text with its baseline's left end there; what the paper's font lacks, such as Chinese, becomes a question mark. */
    Sheet text(double xMm, double yMm, double sizePt, boolean heavy, String text) {
        return draw(() -> {
            out.beginText();
            out.setFont(heavy ? bold : font, (float) sizePt);
            out.newLineAtOffset(x(xMm), y(yMm));
            out.showText(printable(text, heavy));
            out.endText();
        });
    }

    private String printable(String text, boolean heavy) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().forEach(c -> {
            String one = new String(Character.toChars(c));
            try {
                (heavy ? bold : font).encode(one);
                kept.append(one);
            } catch (IOException | IllegalArgumentException e) {
                kept.append('?');
            }
        });
        return kept.toString();
    }

    /** A ruler of a hundred millimetres: measure it before you trust the rest of the page. */
    Sheet ruler(double xMm, double yMm) {
        line(xMm, yMm, xMm + 100, yMm, 0.3);
        for (int mm = 0; mm <= 100; mm += 5) {
            line(xMm + mm, yMm, xMm + mm, yMm - (mm % 10 == 0 ? 4 : 2.5), 0.2);
            if (mm % 20 == 0) {
                text(xMm + mm - 2, yMm - 5.5, 8, false, String.valueOf(mm));
            }
        }
        return text(xMm, yMm + 5, 9, false, Words.text("sheet.this-ruler-must-be-mm-long"));
    }

    private interface Drawing {
        void on() throws IOException;
    }

    private Sheet draw(Drawing drawing) {
        try {
            drawing.on();
            return this;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    byte[] bytes() {
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            out.close();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        try {
            document.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
