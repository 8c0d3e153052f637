package app.bittern.server.account;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/// Codes that a phone shows for half a minute (TOTP, RFC 6238, over HOTP, RFC 4226): six digits, HMAC-SHA-1, as the
/// programs on phones expect them.
final class Totp {
    /// Of a secret, in bytes (RFC 4226, 4, R6).
    static final int SECRET = 20;

    private static final int STEP_SECONDS = 30;
    private static final int MODULUS = 1_000_000;

    /// Steps before and after the present one that are taken, for clocks that are not right (RFC 6238, 5.2).
    private static final int DRIFT = 1;

    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";

    private Totp() {}

    static long step(Instant at) {
        return Math.floorDiv(at.getEpochSecond(), STEP_SECONDS);
    }

    /// The code of a step, such as `492039`.
    static String code(byte[] secret, long step) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(secret, "HmacSHA1"));
            byte[] hash =
                    mac.doFinal(ByteBuffer.allocate(Long.BYTES).putLong(step).array());
            int offset = hash[hash.length - 1] & 0xF;
            int truncated = ByteBuffer.wrap(hash).getInt(offset) & Integer.MAX_VALUE;
            return String.format("%06d", truncated % MODULUS);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("every Java platform has HmacSHA1", missing);
        }
    }

    /// The step that a code is of, near an instant.
    static OptionalLong stepOf(byte[] secret, String code, Instant at) {
        long now = step(at);
        return LongStream.rangeClosed(now - DRIFT, now + DRIFT)
                .filter(step -> code(secret, step).equals(code))
                .findFirst();
    }

    /// A secret as it is typed into a phone (base32, RFC 4648).
    static String written(byte[] secret) {
        StringBuilder written = new StringBuilder();
        long bits = 0;
        int held = 0;
        for (byte one : secret) {
            bits = (bits << Byte.SIZE) | (one & 0xFF);
            held += Byte.SIZE;
            while (held >= 5) {
                held -= 5;
                written.append(LETTERS.charAt((int) (bits >> held) & 0x1F));
            }
            bits &= (1L << held) - 1;
        }
        return held == 0
                ? written.toString()
                : written.append(LETTERS.charAt((int) (bits << (5 - held)) & 0x1F))
                        .toString();
    }
}
