package app.bittern.plan;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.PBEKeySpec;
import org.jspecify.annotations.Nullable;

/// A secret of a few digits, written only as its hash: `pbkdf2:saltreach:0f…`.
///
/// PBKDF2 with HMAC-SHA-256 (RFC 8018), 4,096 rounds. A few digits can always be found by trying them all; the
/// hash keeps them out of sight in files and screens, no more. The salt is what the secret belongs to, so that
/// reading a file twice gives the same plan. Digits that have been read are hashed when the hash is asked for:
/// to hash those of 5,000 mailboxes takes longer than to compute what their calls do.
public final class Pin {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "4 to 12 digits in quotes, or the hash that was written for them";

    private static final int ROUNDS = 4096;
    private static final int BITS = 128;
    private static final Pattern DIGITS = Pattern.compile("[0-9]{4,12}");
    private static final Pattern HASH = Pattern.compile("pbkdf2:[a-z0-9/-]{1,80}:[0-9a-f]{32}");

    private final String salt;
    private final String digits;
    private volatile String hash;

    private Pin(String salt, String digits, String hash) {
        this.salt = salt;
        this.digits = digits;
        this.hash = hash;
    }

    /// Reads digits, or the hash of some.
    ///
    /// @param of what the PIN belongs to, such as `mailbox/bookings`
    public static Optional<Pin> parse(String text, Ref of) {
        if (HASH.matcher(text).matches()) {
            return Optional.of(new Pin(text.split(":", -1)[1], "", text));
        }
        return DIGITS.matcher(text).matches() ? Optional.of(new Pin(of.toString(), text, "")) : Optional.empty();
    }

    /// The hash, as it is written.
    public String hash() {
        if (hash.isEmpty()) {
            hash = hashed(digits, salt);
        }
        return hash;
    }

    /// Whether these are the digits.
    public boolean is(String some) {
        return hashed(some, salt).equals(hash());
    }

    private static String hashed(String digits, String salt) {
        try {
            PBEKeySpec spec = new PBEKeySpec(digits.toCharArray(), salt.getBytes(StandardCharsets.UTF_8), ROUNDS, BITS);
            byte[] bytes = SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256")
                    .generateSecret(spec)
                    .getEncoded();
            return "pbkdf2:" + salt + ":" + HexFormat.of().formatHex(bytes);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("every Java platform has PBKDF2WithHmacSHA256", missing);
        }
    }

    @Override
    public boolean equals(@Nullable Object other) {
        if (!(other instanceof Pin pin) || !salt.equals(pin.salt)) {
            return false;
        }
        boolean bothRead = !digits.isEmpty() && !pin.digits.isEmpty();
        return bothRead ? digits.equals(pin.digits) : hash().equals(pin.hash());
    }

    @Override
    public int hashCode() {
        return salt.hashCode();
    }

    @Override
    public String toString() {
        return hash();
    }
}
