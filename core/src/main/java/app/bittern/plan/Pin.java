package app.bittern.plan;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.PBEKeySpec;

/// A secret of a few digits, kept only as its hash: `pbkdf2:saltreach:0f…`.
///
/// PBKDF2 with HMAC-SHA-256 (RFC 8018), 4,096 rounds. A few digits can always be found by trying them all; the hash
/// keeps them out of sight in files and screens, no more. The salt is what the secret belongs to, so that reading a
/// file twice gives the same plan.
///
/// @param hash as it is written
public record Pin(String hash) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "4 to 12 digits in quotes, or the hash that was written for them";

    private static final int ROUNDS = 4096;
    private static final int BITS = 128;
    private static final Pattern DIGITS = Pattern.compile("[0-9]{4,12}");
    private static final Pattern HASH = Pattern.compile("pbkdf2:[a-z0-9/-]{1,80}:[0-9a-f]{32}");

    /// @throws IllegalArgumentException where it is not a hash
    public Pin {
        if (!HASH.matcher(hash).matches()) {
            throw new IllegalArgumentException("not the hash of a PIN: " + ALLOWED);
        }
    }

    /// Reads digits, which are hashed, or the hash of some.
    ///
    /// @param of what the PIN belongs to, such as `mailbox/bookings`
    public static Optional<Pin> parse(String text, Ref of) {
        if (HASH.matcher(text).matches()) {
            return Optional.of(new Pin(text));
        }
        return DIGITS.matcher(text).matches() ? Optional.of(hashed(text, of.toString())) : Optional.empty();
    }

    /// Whether these are the digits.
    public boolean is(String digits) {
        return hashed(digits, hash.split(":", -1)[1]).equals(this);
    }

    private static Pin hashed(String digits, String salt) {
        try {
            PBEKeySpec spec = new PBEKeySpec(digits.toCharArray(), salt.getBytes(StandardCharsets.UTF_8), ROUNDS, BITS);
            byte[] bytes = SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256")
                    .generateSecret(spec)
                    .getEncoded();
            return new Pin("pbkdf2:" + salt + ":" + HexFormat.of().formatHex(bytes));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("every Java platform has PBKDF2WithHmacSHA256", missing);
        }
    }

    @Override
    public String toString() {
        return hash;
    }
}
