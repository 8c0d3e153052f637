package app.bittern.server.account;

import java.security.SecureRandom;
import java.util.Base64;

/// Secrets that are shown once and never kept: long and random, so that of their digests nobody finds them.
final class Secrets {
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /// 192 bits, as 32 letters and digits of an address.
    static String fresh() {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes(BYTES));
    }

    static byte[] bytes(int length) {
        byte[] bytes = new byte[length];
        RANDOM.nextBytes(bytes);
        return bytes;
    }
}
