package app.gradior.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Hashes of what is random enough not to need a slow one: tokens, devices, one-time words; and of what only serves as a key. */
public final class Hashes {
    private Hashes() {}

    /** SHA-256 of a text's UTF-8 bytes, 64 hexadecimal digits. */
    public static String sha256(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
