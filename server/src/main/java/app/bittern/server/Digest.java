package app.bittern.server;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/// The SHA-256 of a text (FIPS 180-4).
public final class Digest {
    private static final int BRIEF = 16;

    private Digest() {}

    /// Its first 16 hexadecimal digits: enough to tell a few texts apart where they are shown.
    public static String brief(String text) {
        return of(text).substring(0, BRIEF);
    }

    /// In 64 hexadecimal digits.
    public static String of(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
