package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.Code;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Quote;
import app.blenner.core.document.Table;
import java.util.List;

/** Counts what came through. A list within a list is part of it. */
final class ContentCounts {
  private ContentCounts() {}

  static void count(Document document, IntakeReport.Tally tally) {
    document.blocks().forEach(b -> count(b, false, tally));
  }

  private static void count(Block block, boolean inList, IntakeReport.Tally tally) {
    boolean list = block instanceof BulletedList || block instanceof NumberedList;
    if (block instanceof Heading) {
      tally.kept(IntakeReport.Kept.HEADING, 1);
    } else if (list && !inList) {
      tally.kept(IntakeReport.Kept.LIST, 1);
    } else if (block instanceof Table) {
      tally.kept(IntakeReport.Kept.TABLE, 1);
    } else if (block instanceof Picture) {
      tally.kept(IntakeReport.Kept.PICTURE, 1);
    } else if (block instanceof Quote) {
      tally.kept(IntakeReport.Kept.QUOTE, 1);
    } else if (block instanceof Code) {
      tally.kept(IntakeReport.Kept.CODE, 1);
    }
    tally.kept(IntakeReport.Kept.LINK, linksOf(block.content()));
    for (List<Block> group : block.groups()) {
      group.forEach(b -> count(b, list || inList, tally));
    }
  }

  private static boolean isFootnote(String address) {
    return address.startsWith("#note-") && address.matches("#note-([a-z]-)?\\d+");
  }

  /** Neighbours with the same link are one link. */
  private static int linksOf(List<Inline> content) {
    int links = 0;
    Mark.Link before = null;
    for (Inline inline : content) {
      Mark.Link link = inline.marks().link().orElse(null);
      if (link != null && !link.equals(before) && !isFootnote(link.address().value())) {
        links++;
      }
      before = link;
    }
    return links;
  }
}
