package app.gradior.web.draw;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** An address as a square that a phone's camera reads. */
public final class QrDrawing {
    /** White around it, in its own squares: four by the standard. */
    private static final int QUIET = 4;

    private QrDrawing() {}

    /** As a drawing; dark on light whatever the page's colours, for cameras want that. */
    public static String draw(String address, String label) {
        BitMatrix code = code(address);
        int size = code.getWidth();
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                if (code.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return new Svg("qr", size, size, label)
                .rect("qr-light", 0, 0, size, size)
                .path("qr-dark", path.toString())
                .done();
    }

    /** As text for a terminal, two rows of squares to a line; drawn light on dark as terminals are. */
    public static String text(String address) {
        BitMatrix code = code(address);
        StringBuilder text = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y += 2) {
            for (int x = 0; x < code.getWidth(); x++) {
                boolean upper = !code.get(x, y);
                boolean lower = y + 1 >= code.getHeight() || !code.get(x, y + 1);
                text.append(upper ? lower ? '█' : '▀' : lower ? '▄' : ' ');
            }
            text.append('\n');
        }
        return text.toString();
    }

    private static BitMatrix code(String address) {
        try {
            return new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalArgumentException(address, e);
        }
    }
}
