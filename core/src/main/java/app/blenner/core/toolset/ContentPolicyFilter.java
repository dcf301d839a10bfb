package app.blenner.core.toolset;

import app.blenner.core.document.Address;
import app.blenner.core.document.Audio;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockCases;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Callout;
import app.blenner.core.document.Code;
import app.blenner.core.document.Columns;
import app.blenner.core.document.Document;
import app.blenner.core.document.Download;
import app.blenner.core.document.Embed;
import app.blenner.core.document.Gallery;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Quote;
import app.blenner.core.document.RawHtml;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Table;
import app.blenner.core.document.Text;
import app.blenner.core.document.TextColumns;
import app.blenner.core.document.Video;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Takes out of a text what it may not hold, and puts plainer things with the same words in its place: a nearer level of
 * heading, the paragraphs of a list, a link to what was embedded.
 */
final class ContentPolicyFilter {
  private static final int LEVELS = 6;

  private final ContentPolicy allowance;
  private final Map<PolicyViolation, Integer> taken = new HashMap<>();

  private final BlockCases<List<Block>> cases = new BlockCases<>();

  ContentPolicyFilter(ContentPolicy allowance) {
    this.allowance = allowance;
    cases.on(Paragraph.class, this::paragraphOf);
    cases.on(Heading.class, this::headingOf);
    cases.on(BulletedList.class, block -> applyPolicy(Piece.BULLETED, block));
    cases.on(NumberedList.class, this::numberedList);
    cases.on(Quote.class, this::quoteOf);
    cases.on(Picture.class, this::pictureOf);
    cases.on(Gallery.class, this::galleryOf);
    cases.on(Table.class, this::tableOf);
    cases.on(Columns.class, block -> applyPolicy(Piece.COLUMNS, block));
    cases.on(TextColumns.class, block -> applyPolicy(Piece.TEXT_COLUMNS, block));
    cases.on(Callout.class, block -> applyPolicy(Piece.CALLOUT, block));
    cases.on(Embed.class, this::embedOf);
    cases.on(Audio.class, b -> orLink(allowed(Piece.AUDIO), b, to(b.source()), b.title()));
    cases.on(Video.class, b -> orLink(allowed(Piece.VIDEO), b, to(b.source()), b.title()));
    cases.on(Download.class, b -> orLink(allowed(Piece.DOWNLOAD), b, to(b.asset()), b.label()));
    cases.on(ButtonLink.class, this::buttonLink);
    cases.on(Code.class, this::code);
    cases.on(JumpTarget.class, block -> orWords(Piece.JUMP, block));
    // Each piece of raw HTML stands for itself: one that was there already lets in no other.
    cases.on(RawHtml.class, b -> orWords(allowed(Piece.RAW_HTML, b.html()), b));
  }

  /** A block of any other kind, by the piece of its name; one that is not a piece is nobody's to decide about. */
  private List<Block> other(Block block) {
    return Piece.nameOf(block.getClass())
        .map(piece -> orWords(piece, block))
        .orElseGet(() -> List.of(block));
  }

  FilteredText applyPolicy(Document text) {
    List<Block> blocks = all(text.blocks());
    return new FilteredText(taken.isEmpty() ? text : new Document(blocks), taken);
  }

  private List<Block> all(List<Block> blocks) {
    List<Block> out = new ArrayList<>(blocks.size());
    for (Block block : blocks) {
      out.addAll(cases.of(block, this::other));
    }
    return out;
  }

  private boolean allowed(Piece piece) {
    return allowed(piece, "");
  }

  private boolean allowed(Piece piece, String value) {
    boolean yes = allowance.allows(piece, value);
    if (!yes) {
      taken.merge(new PolicyViolation(piece, value), 1, Integer::sum);
    }
    return yes;
  }

  /** The running text with the marks it may have. */
  private List<Inline> words(List<Inline> content) {
    List<Inline> out = new ArrayList<>(content.size());
    Marks before = Marks.NONE;
    for (Inline inline : content) {
      // A passage that goes on behind a change of something else is one passage.
      Marks last = before;
      Marks held = inline.marks().without(m -> last.all().contains(m) ? !may(m) : !allowed(m));
      out.add(held.equals(inline.marks()) ? inline : inline.withMarks(held));
      before = inline.marks();
    }
    return out;
  }

  private boolean may(Mark mark) {
    return allowance.allows(pieceOf(mark), valueOf(mark));
  }

  private boolean allowed(Mark mark) {
    return allowed(pieceOf(mark), valueOf(mark));
  }

  private static String valueOf(Mark mark) {
    return mark instanceof Mark.Valued valued
        ? switch (valued.kind()) {
          case COLOUR, HIGHLIGHT, FONT, SIZE, STYLE -> valued.value();
          case ABBREVIATION, LANGUAGE, MERGE_FIELD -> "";
        }
        : "";
  }

  private static Piece pieceOf(Mark mark) {
    if (mark instanceof Mark.Valued valued) {
      return switch (valued.kind()) {
        case MERGE_FIELD -> Piece.MERGE_FIELD;
        case LANGUAGE -> Piece.LANGUAGE;
        case ABBREVIATION -> Piece.ABBREVIATION;
        case STYLE -> Piece.STYLE;
        case FONT -> Piece.FONT;
        case SIZE -> Piece.SIZE;
        case COLOUR -> Piece.COLOUR;
        case HIGHLIGHT -> Piece.HIGHLIGHT;
      };
    }
    if (mark instanceof Mark.Plain plain) {
      return switch (plain) {
        case STRONG -> Piece.STRONG;
        case EMPHASIS -> Piece.EMPHASIS;
        case UNDERLINE -> Piece.UNDERLINE;
        case STRIKETHROUGH -> Piece.STRIKETHROUGH;
        case SUPERSCRIPT -> Piece.SUPERSCRIPT;
        case SUBSCRIPT -> Piece.SUBSCRIPT;
        case CODE -> Piece.CODE;
      };
    }
    return Piece.LINK;
  }

  private BlockStyle styleOf(BlockStyle style) {
    boolean aligned = Piece.align(style.align()).map(this::allowed).orElse(true);
    return new BlockStyle(
        aligned ? style.align() : BlockStyle.Align.START,
        style.indent() > 0 && !allowed(Piece.INDENT) ? 0 : style.indent(),
        style.dropCap() && allowed(Piece.DROP_CAP),
        style.name().isEmpty() || allowed(Piece.STYLE, style.name()) ? style.name() : "",
        style.direction());
  }

  /** A block with what it carries and holds as it may be. */
  private Block inside(Block block) {
    Block carried = block.mapContent(this::words);
    List<List<Block>> groups = carried.groups();
    return groups.isEmpty() ? carried : carried.withGroups(groups.stream().map(this::all).toList());
  }

  /** A block where its piece is allowed, else what is inside it. */
  private List<Block> applyPolicy(Piece piece, Block block) {
    Block inside = inside(block);
    return allowed(piece) ? List.of(inside) : opened(inside);
  }

  /** What is inside a block, and then what it says itself. */
  private static List<Block> opened(Block block) {
    List<Block> out = new ArrayList<>();
    block.groups().forEach(out::addAll);
    return with(out, block.content());
  }

  private static List<Block> with(List<Block> out, List<Inline> words) {
    Paragraph paragraph = new Paragraph(words, BlockStyle.PLAIN);
    if (!paragraph.isVoid()) {
      out.add(paragraph);
    }
    return out;
  }

  /** A block where its piece is allowed, else its words. */
  private List<Block> orWords(Piece piece, Block block) {
    return orWords(allowed(piece), block);
  }

  private List<Block> orWords(boolean allowed, Block block) {
    Block inside = inside(block);
    if (allowed) {
      return List.of(inside);
    }
    return RunningText.of(List.of(inside)).stream().map(w -> (Block) Paragraph.of(w)).toList();
  }

  /** A block where its piece is allowed, else a link to what it shows, and what stands below it. */
  private List<Block> orLink(boolean allowed, Block block, Mark.Link link, String words) {
    Block inside = inside(block);
    if (allowed) {
      return List.of(inside);
    }
    List<Block> out = new ArrayList<>();
    String said = words.isEmpty() ? link.address().value() : words;
    Marks marks = allowance.allows(Piece.LINK) ? Marks.NONE.with(link) : Marks.NONE;
    with(out, List.of(new Text(said, marks)));
    return with(out, inside.content());
  }

  private static Mark.Link to(Address address) {
    return new Mark.Link(address, "", false);
  }

  private List<Block> paragraphOf(Paragraph block) {
    return List.of(new Paragraph(words(block.content()), styleOf(block.style())));
  }

  private List<Block> headingOf(Heading block) {
    List<Inline> words = words(block.content());
    BlockStyle style = styleOf(block.style());
    if (allowed(Piece.heading(block.level()))) {
      return List.of(new Heading(block.level(), block.anchor(), words, style));
    }
    return List.of(
        nearest(block.level()) > 0
            ? new Heading(nearest(block.level()), block.anchor(), words, style)
            : new Paragraph(words, style));
  }

  /** The nearest level that there may be, the deeper of two; 0 where there may be none. */
  private int nearest(int level) {
    return IntStream.rangeClosed(1, LEVELS)
        .filter(l -> allowance.allows(Piece.heading(l)))
        .boxed()
        .min((a, b) -> away(a, level) - away(b, level))
        .orElse(0);
  }

  private static int away(int level, int from) {
    return 2 * Math.abs(level - from) - (level > from ? 1 : 0);
  }

  private List<Block> numberedList(NumberedList block) {
    NumberedList inside = (NumberedList) inside(block);
    if (allowed(Piece.NUMBERED)) {
      return List.of(inside);
    }
    // Other places of the text may speak of “step 3”.
    List<Block> out = new ArrayList<>();
    for (int i = 0; i < inside.items().size(); i++) {
      String number = inside.numbers().get(i) + ". ";
      List<Block> blocks = new ArrayList<>(inside.items().get(i).blocks());
      if (!blocks.isEmpty() && blocks.get(0) instanceof Paragraph first) {
        List<Inline> words = new ArrayList<>(List.of(Text.of(number)));
        words.addAll(first.content());
        blocks.set(0, first.withContent(words));
      }
      out.addAll(blocks);
    }
    return out;
  }

  private List<Block> quoteOf(Quote block) {
    Quote inside = (Quote) inside(block);
    if (!inside.pull()) {
      return allowed(Piece.QUOTE) ? List.of(inside) : opened(inside);
    }
    if (allowed(Piece.PULL_QUOTE)) {
      return List.of(inside);
    }
    return allowance.allows(Piece.QUOTE)
        ? List.of(new Quote(false, inside.source(), inside.blocks(), inside.attribution()))
        : opened(inside);
  }

  private List<Block> pictureOf(Picture block) {
    Picture inside = linked(block);
    if (allowed(Piece.PICTURE)) {
      return List.of(inside);
    }
    List<Block> out = with(new ArrayList<>(), inside.caption());
    return with(out, List.of(Text.of(block.credit())));
  }

  /** A picture that may stay, with the link and the words it may have. */
  private Picture linked(Picture picture) {
    Picture inside = (Picture) picture.mapContent(this::words);
    return inside.link() == null || allowed(Piece.LINK) ? inside : inside.withLink(null);
  }

  private List<Block> galleryOf(Gallery block) {
    if (!allowed(Piece.GALLERY)) {
      return with(all(block.groups().get(0)), words(block.caption()));
    }
    return List.of(
        new Gallery(
            block.columns(),
            block.pictures().stream().map(this::linked).toList(),
            words(block.caption())));
  }

  private List<Block> tableOf(Table block) {
    Table inside = (Table) inside(block);
    if (allowed(Piece.TABLE)) {
      return List.of(inside);
    }
    List<Block> out = with(new ArrayList<>(), inside.caption());
    if (!inside.description().isEmpty()) {
      out.add(Paragraph.of(inside.description()));
    }
    inside.groups().forEach(out::addAll);
    return out;
  }

  private List<Block> embedOf(Embed block) {
    boolean may = allowed(Piece.EMBED, block.address().host());
    return orLink(may, block, to(block.address()), block.title());
  }

  private List<Block> code(Code block) {
    if (allowed(Piece.CODE_BLOCK)) {
      return List.of(block);
    }
    List<Inline> lines = new ArrayList<>();
    for (String line : block.text().split("\n")) {
      if (!lines.isEmpty()) {
        lines.add(new LineBreak(Marks.NONE));
      }
      lines.add(Text.of(line));
    }
    return List.of(new Paragraph(lines, BlockStyle.PLAIN));
  }

  private List<Block> buttonLink(ButtonLink block) {
    return block.link() == null
        ? orWords(Piece.BUTTON, block)
        : orLink(allowed(Piece.BUTTON), block, block.link(), block.label());
  }
}
