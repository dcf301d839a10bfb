package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Table;
import app.blenner.core.document.Text;
import java.util.List;

/**
 * Which way the lines of a foreign text run, said as the format says it: only where it differs from what is around. A
 * block whose own first letter is of the other direction runs that way (Unicode Standard Annex #9, P2 and P3); what the
 * text says itself comes first.
 */
final class DirectionCleaning {
  private DirectionCleaning() {}

  /**
   * A text that says no more of directions than has to be said.
   *
   * @param around the direction of the text it will join
   */
  static Document cleanDirections(Document document, Direction around) {
    boolean[] said = {false};
    document.each(b -> said[0] |= own(b) != Direction.NONE);
    return said[0] || hasOther(document, around)
        ? new Document(document.blocks().stream().map(b -> cleanDirections(b, around)).toList())
        : document;
  }

  private static boolean hasOther(Document document, Direction around) {
    boolean[] found = {false};
    document.each(
        b -> {
          for (Inline inline : b.content()) {
            Direction first =
                inline instanceof Text t ? Direction.firstStrong(t.text()) : Direction.NONE;
            if (first != Direction.NONE) {
              found[0] |= first != around;
              return;
            }
          }
        });
    return found[0];
  }

  private static Direction own(Block block) {
    if (block instanceof Paragraph p) {
      return p.style().direction();
    } else if (block instanceof Heading h) {
      return h.style().direction();
    } else if (block instanceof BulletedList l) {
      return l.direction();
    } else if (block instanceof NumberedList l) {
      return l.direction();
    }
    return block instanceof Table t ? t.look().direction() : Direction.NONE;
  }

  private static Direction wanted(Block block, String words, Direction around) {
    Direction said = own(block);
    Direction runs = said == Direction.NONE ? Direction.firstStrong(words) : said;
    return runs == around ? Direction.NONE : runs;
  }

  private static Block cleanDirections(Block block, Direction around) {
    if (block instanceof Paragraph p) {
      Direction d = wanted(p, Inlines.textOf(p.content()), around);
      return d == own(p) ? p : new Paragraph(p.content(), p.style().directed(d));
    } else if (block instanceof Heading h) {
      Direction d = wanted(h, Inlines.textOf(h.content()), around);
      return d == own(h)
          ? h
          : new Heading(h.level(), h.anchor(), h.content(), h.style().directed(d));
    }
    if (block.groups().isEmpty()) {
      return block;
    }
    boolean box =
        block instanceof BulletedList || block instanceof NumberedList || block instanceof Table;
    Direction d = box ? wanted(block, wordsOf(block), around) : Direction.NONE;
    Direction inside = d == Direction.NONE ? around : d;
    List<List<Block>> groups =
        block.groups().stream()
            .map(g -> g.stream().map(b -> cleanDirections(b, inside)).toList())
            .toList();
    Block inner = block.withGroups(groups);
    if (inner instanceof BulletedList l) {
      return new BulletedList(l.bullet(), d, l.items());
    } else if (inner instanceof NumberedList l) {
      return new NumberedList(l.start(), l.numbering(), l.reversed(), d, l.items());
    } else if (inner instanceof Table t) {
      Table.Look look = new Table.Look(t.look().borders(), t.look().padding(), t.look().side(), d);
      return new Table(
          t.caption(),
          t.description(),
          t.headerRows(),
          t.headerColumn(),
          t.widths(),
          look,
          t.rows());
    }
    return inner;
  }

  /** The words of a list or table up to its first letter. */
  private static String wordsOf(Block block) {
    return String.join(" ", RunningText.of(List.of(block)));
  }
}
