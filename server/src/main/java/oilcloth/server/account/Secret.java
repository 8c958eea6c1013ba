package oilcloth.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Words nobody can guess, handed to one person; only their digest is kept. */
public final class Secret {
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {}

    /** A new one, fit for an address of the web. */
    public static String fresh() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
    }

    /** SHA-256, in hexadecimal. */
    public static String digest(String words) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(words.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
