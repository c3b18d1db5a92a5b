package app.gradior;

import app.gradior.web.draw.QrDrawing;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** Prints an address as a square for a phone's camera: what the launcher shows in its terminal. */
public final class AddressForTerminal {
    private AddressForTerminal() {}

    /** Prints the address that is given. */
    public static void main(String[] address) {
        new PrintStream(System.out, true, StandardCharsets.UTF_8).print(QrDrawing.text(address[0]));
    }
}
