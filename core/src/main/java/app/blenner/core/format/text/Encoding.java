package app.blenner.core.format.text;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The characters of a file.
 *
 * @param text the characters; one that could not be decoded is U+FFFD
 * @param name the encoding they were read in, as the WHATWG Encoding Standard names it
 * @param damaged how many could not be decoded
 * @param others other encodings it could be in, with the first lines as they would read; empty where every character
 *     reads the same in all of them
 */
public record Encoding(String text, String name, int damaged, List<Other> others) {

  /**
   * Another encoding.
   *
   * @param lines the first lines that read differently in it, parted by line feeds
   */
  public record Other(String name, String lines) {}

  /** Fewer bytes beyond ASCII tell nothing of the language, and so of the encoding. */
  private static final int LEAST_BYTES = 12;

  /** The detector's confidence, of 100, below which it only guesses. */
  private static final int LEAST_CONFIDENCE = 20;

  private static final Set<String> OF_SEVERAL_BYTES =
      Set.of("GBK", "gb18030", "Big5", "EUC-JP", "EUC-KR", "Shift_JIS");

  private static final Pattern DECLARED =
      Pattern.compile(
          "(?i)<(?:meta|\\?xml)[^>]{0,200}?(?:charset|encoding)\\s*=\\s*[\"']?\\s*([\\w:.-]+)");

  private static final int MOST_OTHERS = 4;
  private static final int LONGEST_LINE = 100;

  /**
   * Reads bytes as text: by their byte order mark; as UTF-8 where they are that and hold more than ASCII, whatever the
   * label says; by the label; else by ICU's detector where it is sure enough, else as windows-1252. Never fails.
   *
   * @param label what the file or somebody says its encoding is; empty where nobody does
   */
  public static Encoding read(byte[] bytes, String label) {
    int mark = 0;
    String name;
    if (starts(bytes, 0xEF, 0xBB, 0xBF)) {
      mark = 3;
      name = "UTF-8";
    } else if (starts(bytes, 0xFF, 0xFE)) {
      mark = 2;
      name = "UTF-16LE";
    } else if (starts(bytes, 0xFE, 0xFF)) {
      mark = 2;
      name = "UTF-16BE";
    } else {
      name = unmarked(bytes, label);
    }
    return of(bytes, mark, name);
  }

  /**
   * Reads the bytes of a page, which may say in its head what it is in.
   *
   * @param label what came with it, which counts before that; or empty
   */
  public static Encoding readPage(byte[] bytes, String label) {
    String head = new String(bytes, 0, Math.min(2048, bytes.length), StandardCharsets.ISO_8859_1);
    Matcher said = DECLARED.matcher(head);
    return read(bytes, !label.isEmpty() ? label : said.find() ? said.group(1) : "");
  }

  /** Reads bytes as text whose encoding nobody said. */
  public static Encoding read(byte[] bytes) {
    return read(bytes, "");
  }

  /**
   * Reads bytes in an encoding somebody has chosen after seeing them in another.
   *
   * @param name the name or a label of the encoding
   * @return empty where there is no such encoding
   */
  public static Optional<Encoding> readAs(byte[] bytes, String name) {
    return Encodings.byLabel(name).map(known -> of(bytes, 0, known));
  }

  private static String unmarked(byte[] bytes, String label) {
    int beyond = beyondAscii(bytes);
    boolean utf8 = Encodings.fits(bytes, "UTF-8");
    if (beyond > 0 && utf8 && !label.toLowerCase(java.util.Locale.ROOT).startsWith("utf-16")) {
      return "UTF-8";
    }
    Optional<String> said = Encodings.byLabel(label);
    if (said.isPresent()) {
      // A page whose label could be read byte by byte is in no encoding of two bytes. HTML,
      // 13.2.3.2.
      return said.get().startsWith("UTF-16") && !looksWide(bytes) ? "UTF-8" : said.get();
    }
    if (looksWide(bytes)) {
      return bytes.length > 1 && bytes[0] == 0 ? "UTF-16BE" : "UTF-16LE";
    }
    return utf8 && !hasEscapes(bytes) ? "UTF-8" : detected(bytes, beyond);
  }

  private static boolean hasEscapes(byte[] bytes) {
    for (byte b : bytes) {
      if (b == 0x1B) {
        return true;
      }
    }
    return false;
  }

  /** Whether every other byte is none, as in text of two bytes a character that is mostly Latin. */
  private static boolean looksWide(byte[] bytes) {
    int n = Math.min(bytes.length, 2000) / 2 * 2;
    int even = 0;
    int odd = 0;
    for (int i = 0; i < n; i += 2) {
      even += bytes[i] == 0 ? 1 : 0;
      odd += bytes[i + 1] == 0 ? 1 : 0;
    }
    int half = n / 2;
    return half >= 2 && (odd * 10 > half * 6 && even == 0 || even * 10 > half * 6 && odd == 0);
  }

  private static String detected(byte[] bytes, int beyond) {
    for (CharsetMatch match : matchesOf(bytes)) {
      Optional<String> name = Encodings.byLabel(match.getName());
      if (name.isEmpty()
          || match.getConfidence() < LEAST_CONFIDENCE
          || !Encodings.fits(bytes, name.get())) {
        continue;
      }
      boolean several = OF_SEVERAL_BYTES.contains(name.get());
      boolean enough =
          name.get().equals("ISO-2022-JP")
              || beyond >= (several ? 2 * LEAST_BYTES : LEAST_BYTES)
              || (several ? false : isAllBeyond(bytes, beyond));
      if (enough && !(several && match.getConfidence() < 50)) {
        return name.get();
      }
    }
    return "windows-1252";
  }

  /** A text with hardly any Latin letter is in another script, however short. */
  private static boolean isAllBeyond(byte[] bytes, int beyond) {
    int latin = 0;
    for (byte b : bytes) {
      latin += (b >= 'a' && b <= 'z') || (b >= 'A' && b <= 'Z') ? 1 : 0;
    }
    return beyond >= 5 && latin * 4 < beyond;
  }

  private static List<CharsetMatch> matchesOf(byte[] bytes) {
    byte[] some = bytes.length > 200_000 ? java.util.Arrays.copyOf(bytes, 200_000) : bytes;
    return List.of(new CharsetDetector().setText(some).detectAll());
  }

  private static Encoding of(byte[] bytes, int mark, String name) {
    String text = Encodings.decode(bytes, mark, name);
    int damaged = (int) text.chars().filter(c -> c == '\uFFFD').count();
    if (damaged > 0 && name.equals("UTF-8")) {
      damaged -= written(bytes);
    }
    // Bytes that are UTF-8 and hold more than ASCII are nothing else.
    boolean certain = mark > 0 || (name.equals("UTF-8") && damaged == 0);
    return new Encoding(text, name, damaged, certain ? List.of() : others(bytes, name, text));
  }

  /** How many replacement characters the file itself holds, as UTF-8. */
  private static int written(byte[] bytes) {
    int n = 0;
    for (int i = 0; i + 2 < bytes.length; i++) {
      n +=
          (bytes[i] & 0xFF) == 0xEF
                  && (bytes[i + 1] & 0xFF) == 0xBF
                  && (bytes[i + 2] & 0xFF) == 0xBD
              ? 1
              : 0;
    }
    return n;
  }

  private static List<Other> others(byte[] bytes, String name, String text) {
    if (beyondAscii(bytes) == 0 && !name.startsWith("UTF-16") && !name.equals("ISO-2022-JP")) {
      return List.of();
    }
    Map<String, Other> out = new LinkedHashMap<>();
    List<String> names = new ArrayList<>();
    // What the detector is half sure of, then what is common, then what it only thinks of.
    List<CharsetMatch> matches = matchesOf(bytes);
    for (CharsetMatch match : matches) {
      if (match.getConfidence() >= LEAST_CONFIDENCE) {
        Encodings.byLabel(match.getName()).ifPresent(names::add);
      }
    }
    names.addAll(List.of(Encodings.COMMON));
    matches.forEach(m -> Encodings.byLabel(m.getName()).ifPresent(names::add));
    Set<String> seen = new java.util.HashSet<>(Set.of(differing(text)));
    for (String other : names) {
      if (!other.equals(name) && !out.containsKey(other) && out.size() < MOST_OTHERS) {
        String lines = differing(Encodings.decode(bytes, 0, other));
        if (seen.add(lines)) {
          out.put(other, new Other(other, lines));
        }
      }
    }
    return List.copyOf(out.values());
  }

  /** The first two lines that hold more than ASCII, shortened. */
  private static String differing(String text) {
    List<String> lines =
        text.lines()
            .map(String::strip)
            .filter(l -> l.chars().anyMatch(c -> c > 0x7F))
            .limit(2)
            .map(Encoding::around)
            .toList();
    return String.join("\n", lines);
  }

  /** As much of a line as shows its first character beyond ASCII. */
  private static String around(String line) {
    int at = 0;
    while (at < line.length() && line.charAt(at) <= 0x7F) {
      at++;
    }
    int from = Math.max(0, at - 30);
    String cut = line.substring(from, Math.min(line.length(), from + LONGEST_LINE));
    return (from > 0 ? "…" : "") + cut + (from + LONGEST_LINE < line.length() ? "…" : "");
  }

  private static int beyondAscii(byte[] bytes) {
    int n = 0;
    for (byte b : bytes) {
      n += b < 0 ? 1 : 0;
    }
    return n;
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
