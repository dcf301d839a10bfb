package app.blenner.core.format.html;

import app.blenner.core.document.Audio;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.BlockVisitor;
import app.blenner.core.document.BulletedList;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Callout;
import app.blenner.core.document.Code;
import app.blenner.core.document.Columns;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Divider;
import app.blenner.core.document.Document;
import app.blenner.core.document.Download;
import app.blenner.core.document.Embed;
import app.blenner.core.document.Fold;
import app.blenner.core.document.Gallery;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.ItemList;
import app.blenner.core.document.ItemReference;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.document.LinkedPiece;
import app.blenner.core.document.ListItem;
import app.blenner.core.document.Mark;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Prompt;
import app.blenner.core.document.Quote;
import app.blenner.core.document.RawHtml;
import app.blenner.core.document.RelatedItems;
import app.blenner.core.document.Table;
import app.blenner.core.document.TextColumns;
import app.blenner.core.document.Video;
import java.util.List;

/**
 * Writes the canonical HTML of a text: the same tree always gives the same characters. Blocks stand
 * on lines of their own, attributes in a fixed order, characters escaped as the Living Standard's
 * fragment serialisation escapes them.
 *
 * <p>What is written otherwise for a public page is decided by its {@link HtmlTarget}.
 */
public final class HtmlWriter implements BlockVisitor<Void> {
  private final HtmlOut out;
  private final HtmlTarget target;
  private final PlayerWriter players;
  private final InlineWriter inlines;

  /**
   * @param out what it writes to
   * @param target where the text is going
   */
  public HtmlWriter(HtmlOut out, HtmlTarget target) {
    this.out = out;
    this.target = target;
    players = new PlayerWriter(out, target::href, target::unnamed);
    inlines = new InlineWriter(out, this::openLink, this::closeLink);
  }

  /** The canonical HTML of a text, without a line feed at its end. */
  public static String write(Document document) {
    return write(document.blocks());
  }

  /** The canonical HTML of some blocks. */
  public static String write(List<Block> blocks) {
    HtmlOut out = new HtmlOut();
    new HtmlWriter(out, HtmlTarget.CANONICAL).writeSiblings(blocks);
    return out.toString();
  }

  /** Writes blocks on lines of their own. */
  public void writeSiblings(List<? extends Block> blocks) {
    for (int i = 0; i < blocks.size(); i++) {
      if (i > 0) {
        out.line();
      }
      target.writeBlock(blocks.get(i), this);
    }
  }

  /** Writes running text. */
  /** Writes the text of a line with its marks. */
  public void inline(List<Inline> content) {
    inlines.write(content);
  }

  /** Writes blocks within an element that is open, each on a line. */
  private void within(List<? extends Block> blocks) {
    if (!blocks.isEmpty()) {
      out.line();
      writeSiblings(blocks);
      out.line();
    }
  }

  private void openLink(Mark.Link link) {
    if (!target.writesLink(link)) {
      return;
    }
    out.open("a").attribute("href", target.href(link.address()));
    out.attributeIf("title", link.title());
    if (link.newTab()) {
      out.attribute("target", "_blank").attribute("rel", "noopener");
    }
    out.endOpen();
  }

  private void closeLink(Mark.Link link) {
    if (target.writesLink(link)) {
      target.endOfLink(link, out);
      out.close("a");
    }
  }

  private static String classesOf(BlockStyle style) {
    if (style.isPlain()) {
      return "";
    }
    String align = style.align().className();
    String indent = style.indent() == 0 ? "" : "indent-" + style.indent();
    String cap = style.dropCap() ? "drop-cap" : "";
    String name = style.name().isEmpty() ? "" : "style-" + style.name();
    return HtmlOut.words(align, indent, cap, name);
  }

  @Override
  public Void visitParagraph(Paragraph block) {
    out.open("p").attributeIf("class", classesOf(block.style()));
    direction(block.style().direction()).endOpen();
    inline(block.content());
    return out.close("p");
  }

  private HtmlOut direction(Direction direction) {
    return out.attributeIf("dir", direction.value());
  }

  @Override
  public Void visitHeading(Heading block) {
    String name = "h" + block.level();
    out.open(name).attributeIf("id", target.anchorOf(block));
    out.attributeIf("class", classesOf(block.style()));
    direction(block.style().direction()).endOpen();
    inline(block.content());
    return out.close(name);
  }

  @Override
  public Void visitBulletedList(BulletedList block) {
    out.open("ul").attributeIf("class", block.bullet().className());
    direction(block.direction()).endOpen();
    items(block.items());
    return out.close("ul");
  }

  @Override
  public Void visitNumberedList(NumberedList block) {
    out.open("ol");
    if (block.start() != NumberedList.usualStart(block.reversed(), block.items().size())) {
      out.attribute("start", String.valueOf(block.start()));
    }
    if (block.numbering() != NumberedList.Numbering.DECIMAL) {
      out.attribute("type", block.numbering().type());
    }
    if (block.reversed()) {
      out.attribute("reversed", "");
    }
    direction(block.direction()).endOpen();
    items(block.items());
    return out.close("ol");
  }

  private void items(List<ListItem> items) {
    for (ListItem item : items) {
      out.line();
      out.open("li");
      out.attributeIf("value", item.value() == null ? "" : item.value().toString()).endOpen();
      List<Block> blocks = item.blocks();
      if (bareFirst(blocks) && blocks.stream().skip(1).allMatch(HtmlWriter::isList)) {
        inline(((Paragraph) blocks.get(0)).content());
        within(blocks.subList(1, blocks.size()));
      } else {
        within(blocks);
      }
      out.close("li");
    }
    out.line();
  }

  private static boolean isList(Block block) {
    return block instanceof BulletedList || block instanceof NumberedList;
  }

  private static boolean bareFirst(List<Block> blocks) {
    return !blocks.isEmpty() && blocks.get(0) instanceof Paragraph p && p.style().isPlain();
  }

  @Override
  public Void visitQuote(Quote block) {
    out.open("figure").attribute("class", block.pull() ? "quote pull" : "quote").endOpen();
    out.open("blockquote");
    out.attributeIf("cite", block.source() == null ? "" : block.source().value()).endOpen();
    within(block.blocks());
    out.close("blockquote");
    writeCaption(block.attribution());
    return out.close("figure");
  }

  /** Writes a caption where there is one. */
  public void writeCaption(List<Inline> content) {
    if (!content.isEmpty()) {
      out.tag("figcaption");
      inline(content);
      out.close("figcaption");
    }
  }

  @Override
  public Void visitPicture(Picture block) {
    String waits = block.pending() ? "pending" : "";
    out.open("figure");
    out.attribute("class", HtmlOut.words("picture", waits, block.side().className()));
    width(block.width().css());
    out.endOpen();
    if (block.link() != null) {
      openLink(block.link());
    }
    target.image(block, this);
    if (block.link() != null) {
      closeLink(block.link());
    }
    if (!block.caption().isEmpty() || !block.credit().isEmpty()) {
      out.tag("figcaption");
      inline(block.caption());
      if (!block.credit().isEmpty()) {
        if (!block.caption().isEmpty()) {
          out.text(" ");
        }
        out.tag("small").text(block.credit()).close("small");
      }
      out.close("figcaption");
    }
    return out.close("figure");
  }

  /** Writes the picture itself, by its address. */
  public void image(Picture block) {
    out.open("img").attribute("src", target.href(block.source()));
    if (block.alternative() != null) {
      out.attribute("alt", block.alternative());
    }
    out.endOpen();
  }

  private void width(String css) {
    out.attributeIf("style", css.isEmpty() ? "" : "width: " + css);
  }

  @Override
  public Void visitGallery(Gallery block) {
    out.open("figure").attribute("class", "gallery columns-" + block.columns()).endOpen();
    within(block.pictures());
    writeCaption(block.caption());
    return out.close("figure");
  }

  @Override
  public Void visitTable(Table block) {
    new TableWriter(out, this::inline, this::writeCell).write(block);
    return null;
  }

  private void writeCell(List<Block> blocks) {
    if (bareFirst(blocks) && blocks.size() == 1) {
      inline(((Paragraph) blocks.get(0)).content());
    } else {
      within(blocks);
    }
  }

  @Override
  public Void visitColumns(Columns block) {
    out.open("div").attribute("class", "columns").endOpen();
    for (Columns.Column column : block.columns()) {
      out.line();
      out.open("div").attribute("class", "column");
      if (column.share() != 1) {
        out.attribute("style", "flex-grow: " + column.share());
      }
      out.endOpen();
      within(column.blocks());
      out.close("div");
    }
    out.line();
    return out.close("div");
  }

  @Override
  public Void visitTextColumns(TextColumns block) {
    String css = "column-count: " + block.count() + "; column-gap: " + block.gap() + "px";
    out.open("div").attribute("class", "text-columns").attribute("style", css).endOpen();
    within(block.blocks());
    return out.close("div");
  }

  @Override
  public Void visitDivider(Divider block) {
    out.tag("hr");
    return null;
  }

  @Override
  public Void visitFold(Fold block) {
    out.open("div").attribute("class", "fold").attribute("hidden", "").endOpen();
    return out.close("div");
  }

  @Override
  public Void visitEmbed(Embed block) {
    out.open("figure").attribute("class", "embed");
    String width = block.width().css();
    String css = (width.isEmpty() ? "" : "width: " + width + "; ") + "aspect-ratio: ";
    out.attribute("style", css + block.shape().ratio()).endOpen();
    out.open("a").attribute("href", block.address().value()).endOpen();
    out.text(block.title()).close("a");
    writeCaption(block.caption());
    return out.close("figure");
  }

  @Override
  public Void visitAudio(Audio block) {
    out.open("figure").attribute("class", "audio").endOpen();
    players.audio(block);
    writeCaption(block.caption());
    return out.close("figure");
  }

  @Override
  public Void visitVideo(Video block) {
    out.open("figure").attribute("class", "video");
    width(block.width().css());
    out.endOpen();
    players.video(block);
    writeCaption(block.caption());
    return out.close("figure");
  }

  @Override
  public Void visitDownload(Download block) {
    out.open("p").attribute("class", "download").endOpen();
    out.open("a").attribute("href", target.href(block.asset())).attribute("download", "").endOpen();
    out.text(block.label()).close("a");
    return out.close("p");
  }

  @Override
  public Void visitCallout(Callout block) {
    out.open("aside").attribute("class", "callout " + block.kind().className()).endOpen();
    within(block.blocks());
    return out.close("aside");
  }

  @Override
  public Void visitCode(Code block) {
    out.tag("pre").open("code");
    out.attributeIf("class", block.language().isEmpty() ? "" : "language-" + block.language());
    out.endOpen().text(block.text());
    out.close("code");
    return out.close("pre");
  }

  @Override
  public Void visitContactForm(ContactForm block) {
    new FormWriter(out).write(block);
    return null;
  }

  @Override
  public Void visitItemList(ItemList block) {
    out.open("div").attribute("class", "item-list");
    if (block.source() instanceof ItemList.Latest latest) {
      out.attributeIf("data-section", latest.section()).attributeIf("data-topic", latest.topic());
      out.attribute("data-count", String.valueOf(latest.count())).endOpen();
      titled(block.title(), List.of());
    } else {
      out.endOpen();
      titled(block.title(), ((ItemList.Picked) block.source()).items());
    }
    return out.close("div");
  }

  @Override
  public Void visitRelatedItems(RelatedItems block) {
    out.open("div").attribute("class", "related-items").endOpen();
    titled(block.title(), block.items());
    return out.close("div");
  }

  private void titled(String title, List<ItemReference> items) {
    TitledItems.write(out, title, items, target::href);
  }

  @Override
  public Void visitButtonLink(ButtonLink block) {
    out.open("p").attribute("class", "button").endOpen();
    openLink(block.link());
    out.text(block.label());
    closeLink(block.link());
    return out.close("p");
  }

  @Override
  public Void visitJumpTarget(JumpTarget block) {
    out.open("div").attribute("id", block.anchor()).attribute("class", "jump-target").endOpen();
    return out.close("div");
  }

  @Override
  public Void visitLinkedPiece(LinkedPiece block) {
    out.open("div").attribute("class", "snippet").attribute("data-snippet", block.key()).endOpen();
    return out.close("div");
  }

  @Override
  public Void visitPrompt(Prompt block) {
    String name = block.level() == 0 ? "p" : "h" + block.level();
    out.open(name).attribute("class", "prompt").endOpen().text(block.text());
    return out.close(name);
  }

  @Override
  public Void visitRawHtml(RawHtml block) {
    out.open("div").attribute("class", "html").endOpen().markup(block.html());
    return out.close("div");
  }
}
