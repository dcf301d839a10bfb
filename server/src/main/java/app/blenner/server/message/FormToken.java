package app.blenner.server.message;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;

/**
 * A signed word that goes with a message which is being looked over: it proves that this very message
 * was shown to somebody, and when.
 */
@Component
class FormToken {
  /** Nobody reads a message over faster; a robot does. */
  static final Duration SHORTEST = Duration.ofMillis(1200);

  private static final Duration LONGEST = Duration.ofHours(12);

  private final byte[] secret = new byte[32];
  private final Clock clock;

  FormToken(Clock clock) {
    this.clock = clock;
    new SecureRandom().nextBytes(secret);
  }

  String make(String message) {
    long now = clock.instant().toEpochMilli();
    return now + "." + sign(now, message);
  }

  /** Whether the word belongs to this message and was given out neither just now nor long ago. */
  boolean holds(String token, String message) {
    if (token == null || !token.matches("\\d{1,15}\\.[A-Za-z0-9_-]{43}")) {
      return false;
    }
    int dot = token.indexOf('.');
    long given = Long.parseLong(token.substring(0, dot));
    Duration age = Duration.between(Instant.ofEpochMilli(given), clock.instant());
    boolean same =
        MessageDigest.isEqual(
            sign(given, message).getBytes(StandardCharsets.US_ASCII),
            token.substring(dot + 1).getBytes(StandardCharsets.US_ASCII));
    return same && age.compareTo(SHORTEST) >= 0 && age.compareTo(LONGEST) <= 0;
  }

  private String sign(long time, String message) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(new SecretKeySpec(secret, "HmacSHA256"));
      byte[] sum = mac.doFinal((time + "\n" + message).getBytes(StandardCharsets.UTF_8));
      return Base64.getUrlEncoder().withoutPadding().encodeToString(sum);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }
}
