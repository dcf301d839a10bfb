package app.blenner.core.document;

import java.nio.charset.StandardCharsets;

/** A short word for a long text, the same for the same text and as good as never for another. */
public final class TextHash {
  private TextHash() {}

  /** FNV-1a of 64 bits over UTF-8, its numbers from memory, in letters and digits. */
  public static String of(String text) {
    long hash = 0xcbf29ce484222325L;
    for (byte b : text.getBytes(StandardCharsets.UTF_8)) {
      hash = (hash ^ (b & 0xff)) * 0x100000001b3L;
    }
    return Long.toUnsignedString(hash, 36);
  }
}
