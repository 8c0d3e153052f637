package app.bittern.browser;

import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.time.Instant;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/// A phone with a program for codes (TOTP, RFC 6238), told the secret as a page shows it; written apart from the
/// server's own, so that both have to be right.
final class Phone {
    private static final int BITS_A_LETTER = 5;

    private final byte[] secret;

    private Phone(byte[] secret) {
        this.secret = secret;
    }

    /// @param shown in base32 (RFC 4648), with or without spaces
    static Phone told(String shown) {
        String letters = shown.replaceAll("\\s", "");
        BigInteger bits = BigInteger.ZERO;
        for (int at = 0; at < letters.length(); at++) {
            char letter = letters.charAt(at);
            int value = letter >= 'A' ? letter - 'A' : letter - '2' + 26;
            bits = bits.shiftLeft(BITS_A_LETTER).or(BigInteger.valueOf(value));
        }
        byte[] secret = new byte[letters.length() * BITS_A_LETTER / Byte.SIZE];
        for (int at = secret.length - 1; at >= 0; at--) {
            secret[at] = bits.byteValue();
            bits = bits.shiftRight(Byte.SIZE);
        }
        return new Phone(secret);
    }

    /// What it shows at an instant.
    String code(Instant at) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(secret, "HmacSHA1"));
            byte[] hash = mac.doFinal(
                    ByteBuffer.allocate(8).putLong(at.getEpochSecond() / 30).array());
            int value = ByteBuffer.wrap(hash).getInt(hash[19] & 15) & 0x7FFF_FFFF;
            return "%06d".formatted(value % 1_000_000);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
