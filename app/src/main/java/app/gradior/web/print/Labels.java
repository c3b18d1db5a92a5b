package app.gradior.web.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;

/** Sheets of labels at true scale, with fine cutting lines, so that plain paper does as well as gummed. */
public final class Labels {
    private static final double PADDING_MM = 2.5;
    private static final double MM_PER_POINT = 25.4 / 72;
    private static final double LINE_SPACING = 1.22;
    private static final double TITLE_PT = 11;
    private static final double TEXT_PT = 7.5;
    private static final double SMALLEST_PT = 5;
    /** Text that does not fit gets smaller, down to this: better small than not there. */
    private static final double SMALLEST_TEXT_PT = 4;

    private static final double TEXT_STEP_PT = 0.25;
    private static final double LARGEST_QR_MM = 22;

    private Labels() {}

    /** Sizes of labels, each on its paper. */
    public enum Size {
        A4_21(false, 3, 7, 63.5, 38.0, 7.25, 15.5, 2.5, 0),
        A4_14(false, 2, 7, 99.0, 38.0, 4.75, 15.5, 2.5, 0),
        A4_8(false, 2, 4, 99.0, 67.5, 4.75, 13.5, 2.5, 0),
        LETTER_30(true, 3, 10, 66.675, 25.4, 4.76, 12.7, 3.18, 0),
        LETTER_10(true, 2, 5, 101.6, 50.8, 4.0, 12.7, 4.7, 0);

        private final boolean letter;
        private final int columns;
        private final int rows;
        private final double widthMm;
        private final double heightMm;
        private final double leftMm;
        private final double topMm;
        private final double gapXMm;
        private final double gapYMm;

        // Wide: measures of a sheet as its maker gives them.
        Size(
                boolean letter,
                int columns,
                int rows,
                double widthMm,
                double heightMm,
                double leftMm,
                double topMm,
                double gapXMm,
                double gapYMm) {
            this.letter = letter;
            this.columns = columns;
            this.rows = rows;
            this.widthMm = widthMm;
            this.heightMm = heightMm;
            this.leftMm = leftMm;
            this.topMm = topMm;
            this.gapXMm = gapXMm;
            this.gapYMm = gapYMm;
        }

        /** How many go on one sheet. */
        public int capacity() {
            return columns * rows;
        }
    }

    /**
     * What a label says.
     *
     * @param lines under the name, the most important first
     * @param address what the code leads to
     */
    public record Text(String name, List<String> lines, String address) {
        public Text {
            lines = List.copyOf(lines);
        }
    }

    /**
     * One sheet of them.
     *
     * @param skip places at its beginning that are used up already
     * @param count how many; no more than the sheet has places left
     */
    public static byte[] sheet(Size size, Text text, int skip, int count) {
        return sheet(size, Collections.nCopies(count, text), skip);
    }

    /**
     * One sheet of labels that may differ.
     *
     * @param skip places at its beginning that are used up already
     * @param texts one each; no more than the sheet has places left
     */
    public static byte[] sheet(Size size, List<Text> texts, int skip) {
        try (Sheet sheet = new Sheet(size.letter)) {
            int first = Math.max(0, skip);
            int last = Math.min(size.capacity(), first + texts.size());
            for (int place = first; place < last; place++) {
                Text text = texts.get(place - first);
                double x = size.leftMm + place % size.columns * (size.widthMm + size.gapXMm);
                double y = size.topMm + place / size.columns * (size.heightMm + size.gapYMm);
                label(sheet, size, text, code(text.address()), x, y);
            }
            return sheet.bytes();
        }
    }

    private static BitMatrix code(String address) {
        try {
            return new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0));
        } catch (WriterException e) {
            throw new IllegalArgumentException("address is too long for a label's code: " + address, e);
        }
    }

    private static void label(Sheet sheet, Size size, Text text, BitMatrix code, double x, double y) {
        frame(sheet, x, y, size.widthMm, size.heightMm);
        double qr = Math.min(LARGEST_QR_MM, size.heightMm - 2 * PADDING_MM);
        double module = qr / code.getWidth();
        for (int row = 0; row < code.getHeight(); row++) {
            for (int column = 0; column < code.getWidth(); column++) {
                if (code.get(column, row)) {
                    sheet.box(
                            x + size.widthMm - PADDING_MM - qr + column * module,
                            y + PADDING_MM + row * module,
                            module,
                            module);
                }
            }
        }
        double room = size.widthMm - qr - 3 * PADDING_MM;
        double at = y + PADDING_MM;
        double titlePt = fitting(sheet, text.name(), TITLE_PT, room, true);
        at += titlePt * MM_PER_POINT;
        sheet.text(x + PADDING_MM, at, titlePt, true, cut(sheet, text.name(), titlePt, room, true));
        double points = TEXT_PT;
        List<String> parts = wrapped(sheet, text.lines(), points, room);
        double high = y + size.heightMm - PADDING_MM - at;
        while (parts.size() * points * MM_PER_POINT * LINE_SPACING > high && points > SMALLEST_TEXT_PT) {
            points -= TEXT_STEP_PT;
            parts = wrapped(sheet, text.lines(), points, room);
        }
        for (String part : parts) {
            at += points * MM_PER_POINT * LINE_SPACING;
            if (at > y + size.heightMm - PADDING_MM) {
                return;
            }
            sheet.text(x + PADDING_MM, at, points, false, part);
        }
    }

    private static void frame(Sheet sheet, double x, double y, double width, double height) {
        sheet.line(x, y, x + width, y, 0.1)
                .line(x, y + height, x + width, y + height, 0.1)
                .line(x, y, x, y + height, 0.1)
                .line(x + width, y, x + width, y + height, 0.1);
    }

    private static double fitting(Sheet sheet, String text, double points, double room, boolean heavy) {
        double wide = sheet.textMm(text, points, heavy);
        return wide <= room ? points : Math.max(SMALLEST_PT, points * room / wide);
    }

    private static String cut(Sheet sheet, String text, double points, double room, boolean heavy) {
        String kept = text;
        while (kept.length() > 1 && sheet.textMm(kept, points, heavy) > room) {
            kept = kept.substring(0, kept.length() - 1);
        }
        return kept;
    }

    private static List<String> wrapped(Sheet sheet, List<String> lines, double points, double room) {
        return lines.stream()
                .flatMap(line -> wrapped(sheet, line, points, room).stream())
                .toList();
    }

    private static List<String> wrapped(Sheet sheet, String line, double points, double room) {
        List<String> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        for (String word : line.split(" ")) {
            String longer = part.isEmpty() ? word : part + " " + word;
            if (sheet.textMm(longer, points, false) > room && !part.isEmpty()) {
                parts.add(part.toString());
                part = new StringBuilder(word);
            } else {
                part = new StringBuilder(longer);
            }
        }
        parts.add(cut(sheet, part.toString(), points, room, false));
        return parts;
    }
}
