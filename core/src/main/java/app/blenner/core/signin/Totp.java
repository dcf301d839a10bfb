package app.blenner.core.signin;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.Locale;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * One-time passwords by the clock: RFC 6238 upon RFC 4226, with steps of 30 seconds from the start of 1970.
 *
 * @param algorithm of the message authentication, as {@code HmacSHA1}, which every program for it can
 * @param digits how many digits a password has
 */
public record Totp(String algorithm, int digits) {
  /** What is in use. */
  public static final Totp USUAL = new Totp("HmacSHA1", 6);

  private static final int STEP_SECONDS = 30;
  private static final int[] POWERS = {
    1, 10, 100, 1000, 10_000, 100_000, 1_000_000, 10_000_000, 100_000_000
  };

  /** The step a moment is in. */
  public static long stepAt(Instant moment) {
    return Math.floorDiv(moment.getEpochSecond(), STEP_SECONDS);
  }

  /** The password of a step (RFC 4226, section 5.3). */
  public String password(byte[] secret, long step) {
    try {
      Mac mac = Mac.getInstance(algorithm);
      mac.init(new SecretKeySpec(secret, algorithm));
      byte[] hash = mac.doFinal(ByteBuffer.allocate(Long.BYTES).putLong(step).array());
      int at = hash[hash.length - 1] & 0xF;
      int number = ByteBuffer.wrap(hash, at, Integer.BYTES).getInt() & 0x7FFFFFFF;
      return String.format(Locale.ROOT, "%0" + digits + "d", number % POWERS[digits]);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * The step whose password this is: the one now, the one before or the one behind, since clocks differ (RFC 6238, section
   * 5.2); -1 where it is of none of them, or of one that was used already.
   *
   * @param used the last step that was used
   */
  public long accepted(byte[] secret, String password, Instant now, long used) {
    String given = password.replaceAll("\\s", "");
    for (long step = stepAt(now) - 1; step <= stepAt(now) + 1; step++) {
      boolean same =
          java.security.MessageDigest.isEqual(
              password(secret, step).getBytes(java.nio.charset.StandardCharsets.US_ASCII),
              given.getBytes(java.nio.charset.StandardCharsets.UTF_8));
      if (same && step > used) {
        return step;
      }
    }
    return -1;
  }
}
