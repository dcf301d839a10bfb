package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;

/** Random trees, with every kind of block and mark and with awkward text, the same for a seed. */
public final class Trees {
  private static final List<String> WORDS =
      List.of(
          "star",
          "a < b & c > d",
          "\u00A0",
          " ",
          "  two  spaces ",
          "<script>alert(1)</script>",
          "ñandú",
          "שלום",
          "夜空",
          "👩‍🚀",
          "e\u0301",
          "\n",
          "\t",
          "\"quoted\"",
          "it's",
          "]]>",
          "<!--",
          "&amp;",
          "-",
          "x",
          "\u0000",
          "\uD800",
          "\u200B",
          "\uFFFE",
          "</p>",
          "\r\n",
          "");
  private static final List<Address> LINKS =
      List.of(
          address("https://example.org/a?b=c&d=%20e#f"),
          address("mailto:warden@example.org"),
          address("tel:+44-1632-960000"),
          address("../items/red-torch.html"),
          address("../items/red-torch.html#kit"),
          address("../assets/map.pdf"),
          address("#before-you-look-up"),
          address("/night-sky"));

  private final Random random;

  public Trees(long seed) {
    random = new Random(seed);
  }

  private static Address address(String s) {
    return Address.parse(s).orElseThrow();
  }

  public Document document() {
    return new Document(blocks(0, 6));
  }

  private <T> T any(List<T> from) {
    return from.get(random.nextInt(from.size()));
  }

  @SafeVarargs
  private <T> T any(T... from) {
    return from[random.nextInt(from.length)];
  }

  private boolean maybe() {
    return random.nextInt(3) == 0;
  }

  private <T> List<T> some(int most, Supplier<T> make) {
    List<T> out = new ArrayList<>();
    for (int i = random.nextInt(most + 1); i > 0; i--) {
      out.add(make.get());
    }
    return out;
  }

  private String words() {
    return String.join(any("", " "), some(4, () -> any(WORDS)));
  }

  private List<Inline> inline() {
    return some(
        5, () -> random.nextInt(8) == 0 ? new LineBreak(marks()) : new Text(words(), marks()));
  }

  private Marks marks() {
    Marks marks = Marks.NONE;
    for (int i = random.nextInt(4); i > 0; i--) {
      marks = marks.with(mark());
    }
    return marks;
  }

  private Mark mark() {
    return switch (random.nextInt(5)) {
      case 0 -> link();
      case 1 ->
          switch (any(Mark.Kind.values())) {
            case MERGE_FIELD -> Mark.withValue(Mark.Kind.MERGE_FIELD, any("site.name", "phone"));
            case LANGUAGE -> Mark.withValue(Mark.Kind.LANGUAGE, any("cy", "fr-CA", "zh-Hant"));
            case ABBREVIATION -> Mark.withValue(Mark.Kind.ABBREVIATION, "light & \"dark\"");
            case STYLE -> Mark.withValue(Mark.Kind.STYLE, any("lead", "small-print"));
            case FONT ->
                Mark.withValue(Mark.Kind.FONT, any("Newsreader", "serif", "Instrument Sans"));
            case SIZE -> Mark.withValue(Mark.Kind.SIZE, any("120%", "1.5em", "18px"));
            case COLOUR -> Mark.withValue(Mark.Kind.COLOUR, any("#abc", "rgba(1,2,3,.5)", "navy"));
            case HIGHLIGHT -> Mark.withValue(Mark.Kind.HIGHLIGHT, any("", "#F3E2A9"));
          };
      default -> any(Mark.Plain.values());
    };
  }

  private Mark.Link link() {
    return new Mark.Link(any(LINKS), maybe() ? words() : "", maybe());
  }

  private BlockStyle style() {
    return maybe()
        ? new BlockStyle(
            any(BlockStyle.Align.values()),
            random.nextInt(4),
            maybe(),
            maybe() ? "lead" : "",
            any(Direction.values()))
        : BlockStyle.PLAIN;
  }

  private List<Block> blocks(int depth, int most) {
    return some(most, () -> block(depth));
  }

  private Width width() {
    return new Width(random.nextInt(120), any(Width.Unit.values()));
  }

  private Picture picture() {
    return new Picture(
        any(Address.ofAsset("ridge.jpg"), address("https://example.org/x.png")),
        any(null, "", "A ridge & \"stars\""),
        width(),
        any(Side.values()),
        maybe() ? link() : null,
        inline(),
        maybe() ? words() : "",
        maybe());
  }

  private Track track() {
    return maybe() ? new Track(Address.ofAsset("walk.vtt"), "cy") : null;
  }

  private Table.Cell cell(int depth) {
    return new Table.Cell(
        any(1, 1, 1, 2, 3),
        any(1, 1, 1, 2, 9),
        any(BlockStyle.Align.values()),
        blocks(depth + 1, 2));
  }

  private Table table(int depth) {
    return new Table(
        inline(),
        maybe() ? words() : "",
        random.nextInt(3),
        maybe(),
        maybe() ? List.of(30, 70) : List.of(),
        new Table.Look(
            any(Table.Borders.values()),
            any(Table.Padding.values()),
            any(Side.values()),
            any(Direction.values())),
        some(4, () -> new Table.Row(some(4, () -> cell(depth)))));
  }

  private ItemReference reference() {
    return new ItemReference(Address.ofItem("red-torch"), words());
  }

  private Block block(int depth) {
    if (depth > 3) {
      return new Paragraph(inline(), style());
    }
    return switch (random.nextInt(28)) {
      case 0 -> new Heading(1 + random.nextInt(6), maybe() ? "kit" : "", inline(), style());
      case 1 ->
          new BulletedList(
              any(BulletedList.Bullet.values()),
              any(Direction.values()),
              some(3, () -> new ListItem(blocks(depth + 1, 3))));
      case 2 ->
          new NumberedList(
              any(1, 0, 7, -2),
              any(NumberedList.Numbering.values()),
              maybe(),
              any(Direction.values()),
              some(3, () -> new ListItem(blocks(depth + 1, 3), any(null, null, 9, -1))));
      case 3 ->
          new Quote(
              maybe(),
              maybe() ? address("https://example.org/diary") : null,
              blocks(depth + 1, 3),
              inline());
      case 4, 5 -> picture();
      case 6 -> new Gallery(random.nextInt(8), some(3, this::picture), inline());
      case 7, 8 -> table(depth);
      case 9 ->
          new Columns(some(5, () -> new Columns.Column(random.nextInt(14), blocks(depth + 1, 2))));
      case 10 -> new TextColumns(random.nextInt(12), random.nextInt(120), blocks(depth + 1, 3));
      case 11 -> new Divider();
      case 12 -> new Fold();
      case 13 ->
          new Embed(
              address("https://media.tarnlow.example/watch/1"),
              words(),
              width(),
              any(Embed.Shape.values()),
              inline());
      case 14 -> new Audio(Address.ofAsset("owl.mp3"), words(), track(), inline());
      case 15 ->
          new Video(
              Address.ofAsset("walk.mp4"),
              words(),
              maybe() ? Address.ofAsset("poster.jpg") : null,
              track(),
              width(),
              inline());
      case 16 -> new Download(Address.ofAsset("map.pdf"), words());
      case 17 -> new Callout(any(Callout.Kind.values()), blocks(depth + 1, 3));
      case 18 -> new Code(any("", "java", "c++"), any("", "\n") + words());
      case 19 ->
          new ContactForm(
              some(
                  4,
                  () ->
                      new ContactForm.Field(
                          any(ContactForm.Kind.values()), words(), maybe(), some(3, this::words))),
              words());
      case 20 ->
          new ItemList(
              words(),
              maybe()
                  ? new ItemList.Picked(some(3, this::reference))
                  : new ItemList.Latest(any("", "night-sky"), any("", "moon"), random.nextInt(60)));
      case 21 -> new RelatedItems(words(), some(3, this::reference));
      case 22 -> new ButtonLink(link(), words());
      case 27 -> new LinkedPiece(any("s1", "pabcdefghjkm"));
      case 23 -> new JumpTarget(any("kit", "", "2bad"));
      case 26 ->
          new Prompt(random.nextInt(7), any("Say what a visitor gains", "", "Two < sentences"));
      case 24 ->
          new RawHtml(
              any(
                  "<details><summary>More</summary><p onclick=x>Text</p></details>",
                  "<b><p>mixed</b> up</p>",
                  "<table><tr><td>x</table><a href='javascript:x'>y<a>z",
                  words()));
      default -> new Paragraph(inline(), style());
    };
  }
}
