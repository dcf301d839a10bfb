package app.blenner.core.format.text;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * The characters of a file whose encoding nobody said.
 *
 * @param text the characters
 * @param name the encoding they were read in
 */
public record Encoding(String text, String name) {

  /**
   * Reads bytes as text: by their byte order mark, as UTF-8 where they are that, else by ICU's
   * detector. Never fails; a byte that is no character becomes U+FFFD.
   */
  public static Encoding read(byte[] bytes) {
    if (starts(bytes, 0xEF, 0xBB, 0xBF)) {
      return new Encoding(new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8), "UTF-8");
    }
    if (starts(bytes, 0xFF, 0xFE)) {
      return new Encoding(
          new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE), "UTF-16");
    }
    if (starts(bytes, 0xFE, 0xFF)) {
      return new Encoding(
          new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE), "UTF-16");
    }
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return new Encoding(text, "UTF-8");
    } catch (CharacterCodingException e) {
      CharsetMatch match = new CharsetDetector().setText(bytes).detect();
      Charset charset =
          match != null && Charset.isSupported(match.getName())
              ? Charset.forName(match.getName())
              : Charset.forName("windows-1252");
      return new Encoding(new String(bytes, charset), charset.name());
    }
  }

  private static boolean starts(byte[] bytes, int... mark) {
    for (int i = 0; i < mark.length; i++) {
      if (bytes.length <= i || (bytes[i] & 0xFF) != mark[i]) {
        return false;
      }
    }
    return true;
  }
}
