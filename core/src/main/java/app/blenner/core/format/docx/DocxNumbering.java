package app.blenner.core.format.docx;

import app.blenner.core.format.office.Xml;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The lists of a file (ECMA-376 part 1, 17.9), and how far each has counted. */
final class DocxNumbering {
  /**
   * A level of a list.
   *
   * @param format how it counts, as the file says it: {@code decimal}, {@code bullet} …
   * @param start its first number
   */
  private record Level(String format, int start) {}

  private final Map<String, Map<Integer, Level>> levels = new HashMap<>();
  private final Map<String, String> shared = new HashMap<>();
  private final Map<String, int[]> counted = new HashMap<>();

  DocxNumbering(Optional<Xml> part) {
    if (part.isEmpty()) {
      return;
    }
    Map<String, Xml> abstracts = new HashMap<>();
    part.get()
        .childrenOf("w:abstractNum")
        .forEach(a -> abstracts.put(a.attr("w:abstractNumId"), a));
    for (Xml num : part.get().childrenOf("w:num")) {
      String of = num.child("w:abstractNumId").map(a -> a.attr("w:val")).orElse("");
      Map<Integer, Level> here = new HashMap<>();
      Xml base = abstracts.get(of);
      if (base != null) {
        base.childrenOf("w:lvl").forEach(l -> here.put(numberOf(l.attr("w:ilvl"), 0), levelOf(l)));
      }
      boolean restarts = false;
      for (Xml override : num.childrenOf("w:lvlOverride")) {
        int at = numberOf(override.attr("w:ilvl"), 0);
        override.child("w:lvl").ifPresent(l -> here.put(at, levelOf(l)));
        Optional<Xml> start = override.child("w:startOverride");
        if (start.isPresent()) {
          restarts = true;
          String format = here.containsKey(at) ? here.get(at).format() : "decimal";
          here.put(at, new Level(format, numberOf(start.get().attr("w:val"), 1)));
        }
      }
      String id = num.attr("w:numId");
      levels.put(id, here);
      shared.put(id, restarts ? id : "a" + of);
    }
  }

  private static Level levelOf(Xml l) {
    String format = l.child("w:numFmt").map(f -> f.attr("w:val")).orElse("decimal");
    int start = l.child("w:start").map(s -> numberOf(s.attr("w:val"), 1)).orElse(1);
    return new Level(format, start);
  }

  static int numberOf(String text, int otherwise) {
    return text.matches("\\d{1,6}") ? Integer.parseInt(text) : otherwise;
  }

  /** Whether a list of this number has signs or numbers before its items. */
  boolean isList(String id, int level) {
    return levels.containsKey(id)
        && levels.get(id).containsKey(level)
        && !levels.get(id).get(level).format().equals("none");
  }

  /** How letters count, which a single one does not tell: {@code roman-upper}; else empty. */
  String countsOf(String id, int level) {
    return switch (levels.get(id).get(level).format()) {
      case "lowerRoman" -> "roman-lower";
      case "upperRoman" -> "roman-upper";
      case "lowerLetter" -> "alpha-lower";
      case "upperLetter" -> "alpha-upper";
      default -> "";
    };
  }

  /** Counts on, and gives the sign or number of the next item: “·”, “3.”, “c.”. */
  String nextLabel(String id, int level) {
    Level l = levels.get(id).get(level);
    int[] count = counted.computeIfAbsent(shared.get(id), k -> new int[10]);
    int at = Math.min(9, level);
    for (int deeper = at + 1; deeper < count.length; deeper++) {
      count[deeper] = 0;
    }
    int n = count[at] == 0 ? Math.max(l.start(), 1) : count[at] + 1;
    count[at] = n;
    return switch (l.format()) {
      case "bullet" -> "·";
      case "lowerLetter" -> letterOf(n) + ".";
      case "upperLetter" -> letterOf(n).toUpperCase(java.util.Locale.ROOT) + ".";
      case "lowerRoman" -> romanOf(n) + ".";
      case "upperRoman" -> romanOf(n).toUpperCase(java.util.Locale.ROOT) + ".";
      default -> n + ".";
    };
  }

  private static String letterOf(int n) {
    return n <= 26 ? String.valueOf((char) ('a' + n - 1)) : Integer.toString(n);
  }

  private static String romanOf(int n) {
    String[] signs = {"c", "xc", "l", "xl", "x", "ix", "v", "iv", "i"};
    int[] values = {100, 90, 50, 40, 10, 9, 5, 4, 1};
    StringBuilder out = new StringBuilder();
    int rest = Math.min(n, 399);
    for (int i = 0; i < values.length; i++) {
      while (rest >= values[i]) {
        out.append(signs[i]);
        rest -= values[i];
      }
    }
    return out.toString();
  }
}
