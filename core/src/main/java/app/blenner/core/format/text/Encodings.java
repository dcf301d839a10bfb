package app.blenner.core.format.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The encodings of the WHATWG Encoding Standard by their labels (section 4.2). What a label says is not what it seems:
 * {@code iso-8859-1} and {@code ascii} mean windows-1252, since files that say so are in that.
 */
public final class Encodings {
  /** The names of some encodings a file without a label may well be in, the likeliest first. */
  static final String[] COMMON = {
    "windows-1252",
    "windows-1250",
    "windows-1251",
    "UTF-8",
    "macintosh",
    "ISO-8859-15",
    "IBM866",
    "Shift_JIS",
    "GBK"
  };

  /** How an encoding is decoded: by a charset, or by the characters of its upper half. */
  private record How(Charset charset, String upper) {}

  private static final Map<String, String> LABELS = new HashMap<>();
  private static final Map<String, How> NAMES = new HashMap<>();

  static {
    try (InputStream in = Encodings.class.getResourceAsStream("encodings.tsv")) {
      new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(l -> !l.startsWith("#"))
          .forEach(Encodings::note);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Encodings() {}

  private static void note(String line) {
    String[] parts = line.split("\t");
    String how = parts[1];
    if (how.startsWith("=")) {
      NAMES.put(parts[0], new How(null, how.substring(1)));
    } else if (!how.equals("-") && Charset.isSupported(how)) {
      NAMES.put(parts[0], new How(Charset.forName(how), ""));
    }
    for (String label : parts[2].split(" ")) {
      LABELS.put(label, parts[0]);
    }
  }

  /** The name of the encoding a label means; empty where it means none that anybody should read. */
  public static Optional<String> byLabel(String label) {
    // "Get an encoding", step 1 and 2: white space at the ends and case mean nothing.
    String name = LABELS.get(label.strip().toLowerCase(Locale.ROOT));
    return Optional.ofNullable(name).filter(NAMES::containsKey);
  }

  /** The characters of some bytes; one that cannot be decoded becomes U+FFFD. */
  static String decode(byte[] bytes, int from, String name) {
    How how = NAMES.get(name);
    if (how.charset() != null) {
      return new String(bytes, from, bytes.length - from, how.charset());
    }
    StringBuilder out = new StringBuilder(bytes.length - from);
    for (int i = from; i < bytes.length; i++) {
      int b = bytes[i] & 0xFF;
      out.append(b < 0x80 ? (char) b : b < 0xA0 ? '\uFFFD' : how.upper().charAt(b - 0xA0));
    }
    return out.toString();
  }

  /** Whether all bytes are characters in an encoding. */
  static boolean fits(byte[] bytes, String name) {
    How how = NAMES.get(name);
    if (how.charset() == null) {
      return decode(bytes, 0, name).indexOf('\uFFFD') < 0;
    }
    try {
      how.charset()
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .onUnmappableCharacter(CodingErrorAction.REPORT)
          .decode(ByteBuffer.wrap(bytes));
      return true;
    } catch (CharacterCodingException e) {
      return false;
    }
  }
}
