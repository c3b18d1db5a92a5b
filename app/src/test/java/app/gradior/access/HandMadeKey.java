package app.gradior.access;

import java.io.ByteArrayOutputStream;
import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.MessageDigest;
import java.security.Signature;
import java.security.interfaces.ECPublicKey;
import java.security.spec.ECGenParameterSpec;
import java.util.Base64;

/** What a browser and its authenticator answer, made by the letter of W3C WebAuthn: ES256, no attestation, the person verified. */
final class HandMadeKey {
    private static final int PRESENT = 0x01;
    private static final int VERIFIED = 0x04;
    private static final int WITH_KEY = 0x40;
    private static final int COORDINATE = 32;

    private final KeyPair pair;
    private final byte[] id;
    private final Passkeys.At at;
    private int uses;
    private int flags = PRESENT | VERIFIED;

    HandMadeKey(String id, Passkeys.At at) throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        this.pair = generator.generateKeyPair();
        this.id = id.getBytes(StandardCharsets.UTF_8);
        this.at = at;
    }

    /** From now on nobody shows finger, face or PIN. */
    void unverified() {
        flags = PRESENT;
    }

    static String url(byte[] bytes) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    private static byte[] sha256(byte[] bytes) throws GeneralSecurityException {
        return MessageDigest.getInstance("SHA-256").digest(bytes);
    }

    private byte[] clientData(String type, String challenge) {
        return """
                {"type": "webauthn.%s", "challenge": "%s", "origin": "%s", "crossOrigin": false}
                """.strip().formatted(type, challenge, at.origin()).getBytes(StandardCharsets.UTF_8);
    }

    private byte[] authenticatorData(int more, byte[] rest) throws GeneralSecurityException {
        return ByteBuffer.allocate(37 + rest.length)
                .put(sha256(at.host().getBytes(StandardCharsets.UTF_8)))
                .put((byte) (flags | more))
                .putInt(uses++)
                .put(rest)
                .array();
    }

    private static byte[] coordinate(BigInteger number) {
        byte[] bytes = number.toByteArray();
        byte[] fixed = new byte[COORDINATE];
        int length = Math.min(bytes.length, COORDINATE);
        System.arraycopy(bytes, bytes.length - length, fixed, COORDINATE - length, length);
        return fixed;
    }

    /** The public key as a CBOR map: EC2, ES256, P-256. */
    private byte[] cose() {
        ECPublicKey key = (ECPublicKey) pair.getPublic();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(new byte[] {(byte) 0xa5, 1, 2, 3, 0x26, 0x20, 1, 0x21, 0x58, COORDINATE});
        out.writeBytes(coordinate(key.getW().getAffineX()));
        out.writeBytes(new byte[] {0x22, 0x58, COORDINATE});
        out.writeBytes(coordinate(key.getW().getAffineY()));
        return out.toByteArray();
    }

    private String credential(byte[] clientData, String rest) {
        return """
                {"id": "%1$s", "rawId": "%1$s", "type": "public-key", "clientExtensionResults": {},
                 "response": {"clientDataJSON": "%2$s", %3$s}}
                """.formatted(url(id), url(clientData), rest);
    }

    /** The answer to "make a key". */
    String made(String challenge) throws GeneralSecurityException {
        byte[] key = cose();
        ByteBuffer rest = ByteBuffer.allocate(18 + id.length + key.length)
                .put(new byte[16])
                .putShort((short) id.length)
                .put(id)
                .put(key);
        byte[] data = authenticatorData(WITH_KEY, rest.array());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("\u0000cfmtdnonegattStmt\u0000hauthData\u0000".getBytes(StandardCharsets.ISO_8859_1));
        byte[] attested = out.toByteArray();
        attested[0] = (byte) 0xa3; // a map of three
        attested[18] = (byte) 0xa0; // an empty one
        attested[28] = 0x58; // bytes, their number in the next
        out.reset();
        out.writeBytes(attested);
        out.write(data.length);
        out.writeBytes(data);
        return credential(
                clientData("create", challenge),
                "\"attestationObject\": \"%s\", \"transports\": [\"internal\"]".formatted(url(out.toByteArray())));
    }

    /** The answer to "sign in". */
    String signed(String challenge, String userHandle) throws GeneralSecurityException {
        byte[] data = authenticatorData(0, new byte[0]);
        byte[] clientData = clientData("get", challenge);
        Signature signature = Signature.getInstance("SHA256withECDSA");
        signature.initSign(pair.getPrivate());
        signature.update(data);
        signature.update(sha256(clientData));
        return credential(
                clientData,
                "\"authenticatorData\": \"%s\", \"signature\": \"%s\", \"userHandle\": \"%s\""
                        .formatted(url(data), url(signature.sign()), userHandle));
    }
}
