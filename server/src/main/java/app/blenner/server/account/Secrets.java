package app.blenner.server.account;

import java.security.SecureRandom;
import java.util.Base64;

/** Secrets that are given out once. Only their hash is kept, so that whoever reads the database can use none. */
final class Secrets {
  private static final SecureRandom RANDOM = new SecureRandom();
  private static final int BYTES = 32;

  private Secrets() {}

  /** A new secret of 256 bits, as it can stand in an address. */
  static String makeSecret() {
    return Base64.getUrlEncoder().withoutPadding().encodeToString(random(BYTES));
  }

  static byte[] random(int bytes) {
    byte[] out = new byte[bytes];
    RANDOM.nextBytes(out);
    return out;
  }
}
