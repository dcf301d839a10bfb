package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Text;
import app.blenner.core.format.html.StyleDeclarations;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Finds paragraphs that play heading, by their own evidence: how they are set, how long they are,
 * where they stand, whether others look alike, and how large they are beside the body. The evidence
 * is weighed; a line becomes a candidate at {@value #ENOUGH}.
 */
public final class HeadingEvidence {
  private static final int ENOUGH = 4;
  private static final int LONGEST = 120;

  /** How a line is set: its size in points, 0 where it is the body's, and whether it is bold. */
  private record Look(double size, boolean bold, boolean capitals) {}

  private record Line(
      int index, Paragraph paragraph, String words, Look look, int weight, List<String> because) {}

  private HeadingEvidence() {}

  /**
   * The candidates among the blocks at the top.
   *
   * @param dressed the text with its sizes still on
   */
  public static List<HeadingCandidate> find(Document dressed) {
    List<Block> blocks = dressed.blocks();
    Map<String, Double> sizes = new HashMap<>();
    double body = bodySize(blocks);
    Map<Look, Integer> alike = new HashMap<>();
    List<Look> looks = new ArrayList<>(blocks.size());
    for (Block b : blocks) {
      Look look = b instanceof Paragraph p ? look(p, body, sizes) : null;
      looks.add(look);
      if (look != null) {
        alike.merge(look, 1, Integer::sum);
      }
    }
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < blocks.size(); i++) {
      if (blocks.get(i) instanceof Paragraph p) {
        boolean followed = i + 1 < blocks.size() && isBody(blocks.get(i + 1), looks, i);
        Line line = weigh(i, p, looks.get(i), body, followed, alike.get(looks.get(i)));
        if (line != null && line.weight() >= ENOUGH) {
          lines.add(line);
        }
      }
    }
    return levelled(lines, blocks);
  }

  private static Line weigh(
      int i, Paragraph p, Look look, double body, boolean followed, int alike) {
    boolean larger = look.size() > body * 1.12;
    if (!look.bold() && !larger && !look.capitals()) {
      return null;
    }
    String words = Inlines.textOf(p.content());
    if (words.length() > LONGEST
        || words.contains("\n")
        || words.codePoints().noneMatch(Character::isLetter)) {
      return null;
    }
    int weight = 0;
    List<String> because = new ArrayList<>();
    if (look.bold()) {
      weight += 2;
      because.add("bold");
    }
    if (larger) {
      weight += look.size() > body * 1.4 ? 3 : 2;
      because.add("larger than the text");
    }
    if (look.capitals()) {
      weight += 1;
      because.add("all capitals");
    }
    if (words.length() <= 70) {
      weight += 1;
      because.add("short");
    }
    // A heading says what follows; a line that ends like a sentence says something itself.
    weight += ".,;…".indexOf(words.charAt(words.length() - 1)) >= 0 ? -2 : 1;
    if (followed) {
      weight += 1;
      because.add("text follows");
    } else {
      weight -= 1;
    }
    if (alike > 1) {
      because.add("there are others like it");
      weight += followed ? 1 : 0;
    }
    return new Line(i, p, words, look, weight, because);
  }

  /** Whether what follows the line at a place is something it could be the heading of. */
  private static boolean isBody(Block next, List<Look> looks, int i) {
    return next instanceof BulletedList
        || next instanceof NumberedList
        || next instanceof app.blenner.core.document.Table
        || (next instanceof Paragraph && !looks.get(i + 1).equals(looks.get(i)));
  }

  private static List<HeadingCandidate> levelled(List<Line> lines, List<Block> blocks) {
    // Larger lines are higher headings; of equal ones, bold above capitals above neither.
    TreeSet<Double> ranks = new TreeSet<>();
    lines.forEach(l -> ranks.add(-rank(l.look())));
    List<HeadingCandidate> out = new ArrayList<>();
    int before = 0;
    int levelBefore = 1;
    // The level of the real heading above; 1 is the page's title.
    int above = 1;
    for (Line line : lines) {
      int place = ranks.headSet(-rank(line.look())).size();
      int real = lastHeading(blocks, before, line.index());
      above = real > 0 ? real : above;
      levelBefore = real > 0 ? real : levelBefore;
      // No level is skipped on the way down.
      int level = Math.min(Math.min(6, above + 1 + place), levelBefore + 1);
      before = line.index();
      levelBefore = level;
      out.add(
          new HeadingCandidate(
              BlockPath.TOP.appendStep(line.index()),
              line.words(),
              level,
              String.join(", ", line.because())));
    }
    return out;
  }

  private static double rank(Look look) {
    return look.size() * 4 + (look.bold() ? 2 : 0) + (look.capitals() ? 1 : 0);
  }

  /** The level of the last real heading in a stretch of blocks; 0 where there is none. */
  private static int lastHeading(List<Block> blocks, int from, int to) {
    for (int i = to - 1; i >= from; i--) {
      if (blocks.get(i) instanceof Heading h) {
        return h.level();
      }
    }
    return 0;
  }

  private static Look look(Paragraph p, double body, Map<String, Double> sizes) {
    // One large word makes no large line, and one small number behind a large line does not make it
    // small.
    Map<Double, Integer> lengths = new HashMap<>();
    boolean bold = true;
    int capitals = 0;
    int small = 0;
    for (Inline inline : p.content()) {
      if (!(inline instanceof Text t) || t.text().isBlank()) {
        continue;
      }
      bold &= t.marks().all().contains(Mark.Plain.STRONG);
      lengths.merge(size(t, body, sizes), t.text().length(), Integer::sum);
      for (int i = 0; i < t.text().length() && small == 0; i++) {
        char c = t.text().charAt(i);
        small += Character.isLowerCase(c) ? 1 : 0;
        capitals += Character.isUpperCase(c) ? 1 : 0;
      }
    }
    double size =
        lengths.entrySet().stream()
            .max(Map.Entry.comparingByValue())
            .map(Map.Entry::getKey)
            .orElse(body);
    return new Look(size, bold, small == 0 && capitals > 3);
  }

  /** The size most of the characters have, in points; 12 where nobody says. */
  private static double bodySize(List<Block> blocks) {
    Map<String, Integer> said = new HashMap<>();
    for (Block b : blocks) {
      if (b instanceof Paragraph p) {
        for (Inline inline : p.content()) {
          if (inline instanceof Text t) {
            said.merge(t.marks().valueOf(Mark.Kind.SIZE, ""), t.text().length(), Integer::sum);
          }
        }
      }
    }
    Map<Double, Integer> lengths = new HashMap<>();
    said.forEach((value, length) -> lengths.merge(pointsOf(value, 12), length, Integer::sum));
    return lengths.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(12.0);
  }

  private static double size(Text text, double body, Map<String, Double> sizes) {
    String said = text.marks().valueOf(Mark.Kind.SIZE, "");
    return said.isEmpty() ? body : sizes.computeIfAbsent(said, value -> pointsOf(value, body));
  }

  private static double pointsOf(String value, double body) {
    if (value.isEmpty()) {
      return body;
    } else if (value.endsWith("rem")) {
      return numberOf(value, 3) * 12;
    } else if (value.endsWith("em")) {
      return numberOf(value, 2) * body;
    } else if (value.endsWith("%")) {
      return numberOf(value, 1) * body / 100;
    }
    return StyleDeclarations.points(value);
  }

  private static double numberOf(String value, int unit) {
    return Double.parseDouble(value.substring(0, value.length() - unit));
  }

  /** The text with these candidates made headings. */
  public static Document make(Document document, List<HeadingCandidate> candidates) {
    Document out = document;
    for (HeadingCandidate c : candidates) {
      out =
          out.change(
              c.path(),
              b ->
                  b instanceof Paragraph p
                      ? new Heading(c.level(), "", p.content(), p.style())
                      : b);
    }
    return FormattingCleaning.cleanFormatting(out);
  }
}
