package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Page numbers that stand alone on their lines, and what is printed at the head or foot of every page. They were of
 * use on paper; in the middle of a text they part sentences.
 */
final class RunningLines {
  private static final int LONGEST = 90;

  /** A number alone, perhaps with the word for page before it and the number of all pages behind it. */
  private static final Pattern NUMBER =
      Pattern.compile(
          "(?iu)[-–—•|\\s]*(?:\\p{L}{1,7}\\.?\\s)?(\\d{1,4})(?:\\s*(?:/|\\p{L}{1,4})\\s*\\d{1,4})?[-–—•|\\s]*");

  private static final Pattern DIGITS = Pattern.compile("\\d+");

  private RunningLines() {}

  /** The lines of a text that run through all its pages; empty where there are hardly any. */
  static List<String> find(Document document) {
    List<String> all = linesOf(document);
    if (all.size() < 2) {
      return List.of();
    }
    Map<String, Integer> alike = alike(all);
    List<String> out = new ArrayList<>();
    int before = -1;
    int inOrder = 0;
    for (String line : all) {
      Matcher number = NUMBER.matcher(line);
      if (number.matches()) {
        int n = Integer.parseInt(number.group(1));
        inOrder += before >= 0 && n == before + 1 ? 1 : 0;
        before = n;
      }
    }
    Set<String> outer = outer(document);
    for (String line : all) {
      // Numbers alone could be anything; those that count on, or stand at the edge of pages, are
      // pages.
      boolean page = inOrder > 0 && NUMBER.matcher(line).matches();
      boolean head = outer.contains(line) && isHead(line, alike, inOrder > 0);
      if (page || head) {
        out.add(line);
      }
    }
    return out;
  }

  private static boolean isHead(String line, Map<String, Integer> alike, boolean paged) {
    return line.length() <= LONGEST
        && alike.getOrDefault(formOf(line), 0) >= (paged ? 2 : 3)
        && !NUMBER.matcher(line).matches()
        && !LineWrapping.endsSentence(line)
        && ListMarker.of(line).isEmpty();
  }

  private static Map<String, Integer> alike(List<String> lines) {
    Map<String, Integer> out = new HashMap<>();
    for (String line : lines) {
      if (line.length() >= 4 && line.length() <= LONGEST) {
        out.merge(formOf(line), 1, Integer::sum);
      }
    }
    return out;
  }

  /** The lines that begin or end a stretch: what is printed on every page stands beside the text, not amid it. */
  private static Set<String> outer(Document document) {
    Set<String> out = new HashSet<>();
    for (Block block : document.blocks()) {
      if (block instanceof Paragraph p && mayHold(p)) {
        List<String> words = BrokenLines.of(p).words();
        out.add(words.get(0));
        out.add(words.get(words.size() - 1));
        // A number may stand between the head and the text.
        for (int i = 1; i + 1 < words.size(); i++) {
          if (NUMBER.matcher(words.get(i - 1)).matches()
              || NUMBER.matcher(words.get(i + 1)).matches()) {
            out.add(words.get(i));
          }
        }
      }
    }
    return out;
  }

  /** A head as it is on every page, whatever number stands beside it. */
  private static String formOf(String line) {
    return DIGITS.matcher(line).replaceAll("#");
  }

  /** Whether one of a paragraph's lines can be short enough. */
  private static boolean mayHold(Paragraph p) {
    int length = 0;
    for (Inline inline : p.content()) {
      if (inline instanceof LineBreak) {
        return true;
      }
      length += inline instanceof Text t ? t.text().length() : 0;
    }
    return length <= LONGEST;
  }

  private static List<String> linesOf(Document document) {
    List<String> out = new ArrayList<>();
    for (Block block : document.blocks()) {
      if (block instanceof Paragraph p) {
        if (mayHold(p)) {
          BrokenLines.of(p).words().stream().filter(w -> !w.isEmpty()).forEach(out::add);
        }
      }
    }
    return out;
  }

  /**
   * The text without these lines. Where one parted a paragraph in the middle of a sentence, the halves are one
   * again, with a line break between them.
   */
  static Document without(Document document, Collection<String> lines) {
    Set<String> running = new HashSet<>(lines);
    List<Block> out = new ArrayList<>();
    boolean cut = false;
    for (Block block : document.blocks()) {
      if (!(block instanceof Paragraph p)) {
        out.add(block);
        cut = false;
        continue;
      }
      List<List<Inline>> kept = new ArrayList<>();
      boolean first = true;
      boolean firstCut = false;
      boolean lastCut = false;
      List<String> words = BrokenLines.of(p).words();
      List<List<Inline>> all = BrokenLines.of(p).all();
      for (int i = 0; i < all.size(); i++) {
        lastCut = running.contains(words.get(i));
        firstCut |= first && lastCut;
        first = false;
        if (!lastCut) {
          kept.add(all.get(i));
        }
      }
      if (kept.isEmpty()) {
        cut = true;
        continue;
      }
      Paragraph rest = new Paragraph(broken(kept), p.style());
      Paragraph before =
          !out.isEmpty() && out.get(out.size() - 1) instanceof Paragraph b ? b : null;
      if (before != null && (cut || firstCut) && isOneSentence(before, rest)) {
        List<Inline> whole = new ArrayList<>(before.content());
        whole.add(new LineBreak(Marks.NONE));
        whole.addAll(rest.content());
        out.set(out.size() - 1, new Paragraph(whole, before.style()));
      } else {
        out.add(rest);
      }
      cut = lastCut;
    }
    return new Document(out);
  }

  private static boolean isOneSentence(Paragraph before, Paragraph after) {
    List<String> above = BrokenLines.of(before).words();
    String next = BrokenLines.of(after).words().get(0);
    return !next.isEmpty()
        && !LineWrapping.endsSentence(above.get(above.size() - 1))
        && Character.isLowerCase(next.codePointAt(0));
  }

  private static List<Inline> broken(List<List<Inline>> lines) {
    List<Inline> out = new ArrayList<>();
    for (List<Inline> line : lines) {
      if (!out.isEmpty()) {
        out.add(new LineBreak(Marks.NONE));
      }
      out.addAll(line);
    }
    return out;
  }
}
