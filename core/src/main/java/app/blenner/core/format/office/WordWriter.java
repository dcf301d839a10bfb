package app.blenner.core.format.office;

import app.blenner.core.document.*;
import java.util.ArrayList;
import java.util.List;

/**
 * Writes a text for a word processor. What such a file has no word for becomes what says the same on
 * paper: a film its title with a link, columns one below the other, a form its questions.
 */
public abstract class WordWriter implements BlockVisitor<Void> {
  /** How deep in lists the block stands that is written; 0 outside. */
  protected int listLevel;

  /** Which way lines run where a block says nothing of its own. */
  protected Direction around = Direction.LTR;

  /** Kinds of paragraph. */
  protected enum Style {
    TEXT,
    TITLE,
    SUMMARY,
    QUOTE,
    CAPTION,
    CODE,
    CALLOUT
  }

  /** A paragraph. */
  protected abstract void visitParagraph(Style style, List<Inline> content, BlockStyle look);

  /** A heading, which links may lead to by its name. */
  protected abstract void visitHeading(
      int level, String anchor, List<Inline> content, BlockStyle look);

  /** A place that links lead to, before the next paragraph. */
  protected abstract void writePlace(String anchor);

  /** A list that counts on from its start; null where it does not count at all. */
  protected abstract void writeList(NumberedList numbered, List<ListItem> items);

  protected abstract void writeGrid(Table table);

  protected abstract void image(Picture picture);

  protected abstract void rule();

  protected final void all(List<Block> blocks) {
    blocks.forEach(b -> b.accept(this));
  }

  /** Writes a whole text, its title and summary above it. */
  protected final void writeText(String title, String summary, String language, Document document) {
    around = Direction.ofLanguage(language) == Direction.RTL ? Direction.RTL : Direction.LTR;
    words(Style.TITLE, title);
    words(Style.SUMMARY, summary);
    all(document.blocks());
  }

  /** How many columns a table has. */
  protected static int visitColumns(Table table) {
    return table.rows().isEmpty()
        ? 0
        : table.rows().get(0).cells().stream().mapToInt(Table.Cell::columns).sum();
  }

  /** What stands for a picture whose file is not there. */
  protected final void instead(Picture picture) {
    boolean said = picture.alternative() != null && !picture.alternative().isEmpty();
    String words = said ? picture.alternative() : picture.source().value();
    visitParagraph(Style.TEXT, List.of(Text.of("[" + words + "]")), BlockStyle.PLAIN);
  }

  /** What a cell holds; its paragraphs stand as the cell says. */
  protected final void writeWithin(Table.Cell cell) {
    for (Block block : cell.blocks()) {
      if (block instanceof Paragraph p && cell.align() != BlockStyle.Align.START) {
        visitParagraph(Style.TEXT, p.content(), new BlockStyle(cell.align(), 0, false, ""));
      } else {
        block.accept(this);
      }
    }
  }

  private void words(Style style, String words) {
    if (!words.isEmpty()) {
      visitParagraph(style, List.of(Text.of(words)), BlockStyle.PLAIN);
    }
  }

  private void caption(List<Inline> content) {
    if (!content.isEmpty()) {
      visitParagraph(Style.CAPTION, content, BlockStyle.PLAIN);
    }
  }

  private void link(String words, Address address) {
    Marks marks = new Marks(List.of(new Mark.Link(address, "", false)));
    String label = words.isEmpty() ? address.value() : words;
    visitParagraph(Style.TEXT, List.of(new Text(label, marks)), BlockStyle.PLAIN);
  }

  @Override
  public Void visitParagraph(Paragraph block) {
    visitParagraph(Style.TEXT, block.content(), block.style());
    return null;
  }

  @Override
  public Void visitHeading(Heading block) {
    visitHeading(block.level(), block.anchor(), block.content(), block.style());
    return null;
  }

  @Override
  public Void visitBulletedList(BulletedList block) {
    writeTurned(block.direction(), () -> writeList(null, block.items()));
    return null;
  }

  @Override
  public Void visitNumberedList(NumberedList block) {
    writeTurned(block.direction(), () -> stretches(block).forEach(s -> writeList(s, s.items())));
    return null;
  }

  /** A list as such files can count: each stretch that counts on from its first number as one of its own. */
  private static List<NumberedList> stretches(NumberedList list) {
    if (!list.reversed() && list.items().stream().allMatch(i -> i.value() == null)) {
      return List.of(list);
    }
    List<Integer> numbers = list.numbers();
    List<NumberedList> out = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= numbers.size(); i++) {
      if (i == numbers.size() || numbers.get(i) != numbers.get(i - 1) + 1) {
        List<ListItem> items =
            list.items().subList(from, i).stream().map(x -> new ListItem(x.blocks())).toList();
        out.add(new NumberedList(numbers.get(from), list.numbering(), items));
        from = i;
      }
    }
    return out;
  }

  /** Which way the lines of a block run. */
  protected final Direction directionOf(BlockStyle look) {
    return look.direction() == Direction.NONE ? around : look.direction();
  }

  /** Writes something within which lines run another way. */
  protected final void writeTurned(Direction direction, Runnable body) {
    Direction before = around;
    around = direction == Direction.NONE ? around : direction;
    body.run();
    around = before;
  }

  @Override
  public Void visitQuote(Quote block) {
    for (Block inner : block.blocks()) {
      if (inner instanceof Paragraph p) {
        visitParagraph(Style.QUOTE, p.content(), p.style());
      } else {
        inner.accept(this);
      }
    }
    if (!block.attribution().isEmpty()) {
      visitParagraph(Style.QUOTE, block.attribution(), BlockStyle.PLAIN);
    }
    return null;
  }

  @Override
  public Void visitPicture(Picture block) {
    image(block);
    caption(block.caption());
    words(Style.CAPTION, block.credit());
    return null;
  }

  @Override
  public Void visitGallery(Gallery block) {
    block.pictures().forEach(p -> p.accept(this));
    caption(block.caption());
    return null;
  }

  @Override
  public Void visitTable(Table block) {
    if (!block.caption().isEmpty()) {
      visitParagraph(Style.CAPTION, block.caption(), BlockStyle.PLAIN);
    }
    writeGrid(block);
    words(Style.CAPTION, block.description());
    return null;
  }

  @Override
  public Void visitColumns(Columns block) {
    block.columns().forEach(c -> all(c.blocks()));
    return null;
  }

  @Override
  public Void visitTextColumns(TextColumns block) {
    block.groups().forEach(this::all);
    return null;
  }

  @Override
  public Void visitDivider(Divider block) {
    rule();
    return null;
  }

  @Override
  public Void visitFold(Fold block) {
    return null;
  }

  @Override
  public Void visitEmbed(Embed block) {
    link(block.title(), block.address());
    caption(block.caption());
    return null;
  }

  @Override
  public Void visitAudio(Audio block) {
    link(block.title(), block.source());
    caption(block.caption());
    return null;
  }

  @Override
  public Void visitVideo(Video block) {
    link(block.title(), block.source());
    caption(block.caption());
    return null;
  }

  @Override
  public Void visitDownload(Download block) {
    link(block.label(), block.asset());
    return null;
  }

  @Override
  public Void visitCallout(Callout block) {
    for (Block inner : block.blocks()) {
      if (inner instanceof Paragraph p) {
        visitParagraph(Style.CALLOUT, p.content(), p.style());
      } else {
        inner.accept(this);
      }
    }
    return null;
  }

  @Override
  public Void visitCode(Code block) {
    String text =
        block.text().endsWith("\n")
            ? block.text().substring(0, block.text().length() - 1)
            : block.text();
    List<Inline> lines = new ArrayList<>();
    for (String line : text.split("\n", -1)) {
      if (!lines.isEmpty()) {
        lines.add(new LineBreak(Marks.NONE));
      }
      lines.add(new Text(line, Marks.NONE));
    }
    visitParagraph(Style.CODE, lines, BlockStyle.PLAIN);
    return null;
  }

  @Override
  public Void visitContactForm(ContactForm block) {
    block.fields().forEach(f -> words(Style.TEXT, f.label()));
    words(Style.TEXT, block.button());
    return null;
  }

  @Override
  public Void visitItemList(ItemList block) {
    words(Style.TEXT, block.title());
    if (block.source() instanceof ItemList.Picked picked) {
      picked.items().forEach(i -> link(i.label(), i.item()));
    }
    return null;
  }

  @Override
  public Void visitRelatedItems(RelatedItems block) {
    words(Style.TEXT, block.title());
    block.items().forEach(i -> link(i.label(), i.item()));
    return null;
  }

  @Override
  public Void visitButtonLink(ButtonLink block) {
    link(block.label(), block.link().address());
    return null;
  }

  @Override
  public Void visitJumpTarget(JumpTarget block) {
    writePlace(block.anchor());
    return null;
  }

  /** Whoever hands a text on has put the pieces in their places before. */
  @Override
  public Void visitLinkedPiece(LinkedPiece block) {
    return null;
  }

  @Override
  public Void visitPrompt(Prompt block) {
    return null;
  }

  @Override
  public Void visitRawHtml(RawHtml block) {
    RunningText.of(List.of(block)).forEach(t -> words(Style.TEXT, t));
    return null;
  }
}
