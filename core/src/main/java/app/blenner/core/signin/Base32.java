package app.blenner.core.signin;

/** Bytes as letters and digits that nobody mistakes for each other (RFC 4648, section 6), without padding. */
public final class Base32 {
  private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
  private static final int BITS = 5;

  private Base32() {}

  /** Bytes as letters. */
  public static String of(byte[] bytes) {
    StringBuilder out = new StringBuilder();
    int held = 0;
    int bits = 0;
    for (byte b : bytes) {
      held = held << 8 | b & 0xFF;
      bits += 8;
      while (bits >= BITS) {
        bits -= BITS;
        out.append(LETTERS.charAt(held >> bits & 31));
      }
    }
    if (bits > 0) {
      out.append(LETTERS.charAt(held << BITS - bits & 31));
    }
    return out.toString();
  }

  /**
   * The bytes that letters stand for.
   *
   * @throws IllegalArgumentException where there is a letter that is none of them
   */
  public static byte[] bytes(String letters) {
    byte[] out = new byte[letters.length() * BITS / 8];
    int held = 0;
    int bits = 0;
    int at = 0;
    for (char c : letters.toCharArray()) {
      int value = LETTERS.indexOf(c);
      if (value < 0) {
        throw new IllegalArgumentException("“" + c + "” is no letter of Base32.");
      }
      held = held << BITS | value;
      bits += BITS;
      if (bits >= 8) {
        bits -= 8;
        out[at++] = (byte) (held >> bits);
      }
    }
    return out;
  }
}
