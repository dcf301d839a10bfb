package app.blenner.core.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockCases;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Columns;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.Document;
import app.blenner.core.document.Download;
import app.blenner.core.document.Embed;
import app.blenner.core.document.Fold;
import app.blenner.core.document.Gallery;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.ItemList;
import app.blenner.core.document.ItemReference;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.document.LinkedPiece;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Prompt;
import app.blenner.core.document.RelatedItems;
import app.blenner.core.document.Table;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.format.html.HtmlTarget;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.language.SiteWords;
import app.blenner.core.language.Slug;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * The text of an item as part of a page. It is the stored HTML with addresses resolved: pictures get
 * their size, headings a name to be linked to, links that open a new tab say so, and a link to an
 * item that is not live gives way to its words.
 */
public final class BodyRenderer implements HtmlTarget {
  private final HtmlOut out = new HtmlOut();
  private final HtmlWriter usual = new HtmlWriter(out, this);
  private final BlockCases<Void> own = new BlockCases<>();
  private final Library library;
  private final SiteWords words;
  private final Set<String> anchors = new HashSet<>(Set.of("content"));

  private final String key;

  /** Where the item's own page is, for a text that is in a list; empty on that page. */
  private final String path;

  private int forms;

  /** The share of the measure that what stands here has. */
  private final Map<String, Integer> tables = new HashMap<>();

  private double share = 1;

  /** Whether pictures stand side by side even on narrow screens. */
  private boolean byTwos;

  /** Whether no picture has been shown yet. */
  private boolean first;

  private BodyRenderer(String key, Library library, SiteWords words, String path) {
    this.key = key;
    this.library = library;
    this.words = words;
    this.path = path;
    first = !isListed();
    own(Heading.class, this::writeHeading);
    own(JumpTarget.class, this::jumpTarget);
    own(Picture.class, this::writePicture);
    own(Gallery.class, this::writeGallery);
    own(Columns.class, this::writeColumns);
    own(Table.class, this::writeTable);
    own(Download.class, this::writeDownload);
    own(ButtonLink.class, this::buttonLink);
    own(ContactForm.class, this::contactForm);
    own(Embed.class, this::writeEmbed);
    own(ItemList.class, this::itemList);
    own(RelatedItems.class, this::relatedItems);
    own(Fold.class, block -> {});
    // What somebody still has to write is nothing to read.
    own(Prompt.class, block -> {});
    // Whoever hands a text on has put the pieces in their places before.
    own(LinkedPiece.class, block -> {});
  }

  private boolean isListed() {
    return !path.isEmpty();
  }

  /** Says how blocks of a kind are written that a page shows otherwise than they are kept. */
  private <T extends Block> void own(Class<T> kind, Consumer<T> write) {
    own.on(
        kind,
        block -> {
          write.accept(block);
          return null;
        });
  }

  @Override
  public void writeBlock(Block block, HtmlWriter writer) {
    own.of(block, b -> b.accept(writer));
  }

  /**
   * The HTML of a text within a page.
   *
   * @param key the item the text belongs to; its forms are answered there
   * @param words the words of the language it is in
   */
  public static String render(String key, Document document, Library library, SiteWords words) {
    return render(new BodyRenderer(key, library, words, ""), document.blocks());
  }

  /**
   * The HTML of a part of a text within a page that lists several: none of them names a place there, and headings go one
   * level down, below the title of the item they belong to.
   */
  static String renderListed(
      PublishedItem item, List<Block> blocks, Library library, SiteWords words) {
    return render(new BodyRenderer(item.key(), library, words, item.path()), blocks);
  }

  /** The HTML of a line within a page. */
  static String renderLine(String key, List<Inline> line, Library library, SiteWords words) {
    BodyRenderer renderer = new BodyRenderer(key, library, words, "");
    renderer.usual.inline(line);
    return renderer.out.toString();
  }

  private static String render(BodyRenderer renderer, List<Block> blocks) {
    renderer.usual.writeSiblings(blocks);
    return renderer.out.toString();
  }

  private Optional<String> resolve(Address address) {
    return switch (address.kind()) {
      case ITEM ->
          library
              .findItem(address.itemKey())
              .map(i -> i.path() + (address.place().isEmpty() ? "" : "#" + address.place()));
      case ASSET ->
          library.findAsset(address.assetName()).filter(a -> !a.gone()).map(SiteAsset::path);
      default -> Optional.of(address.value());
    };
  }

  @Override
  public String href(Address address) {
    String href = resolve(address).orElse("/media/" + address.assetName());
    return href.startsWith("#") ? path + href : href;
  }

  @Override
  public boolean writesLink(Mark.Link link) {
    return resolve(link.address()).isPresent();
  }

  @Override
  public void endOfLink(Mark.Link link, HtmlOut end) {
    if (link.newTab()) {
      end.open("span").attribute("class", "unseen").endOpen();
      end.text(" " + words.get("newtab")).close("span");
    }
  }

  @Override
  public String anchorOf(Heading heading) {
    if (isListed()) {
      return "";
    }
    if (!heading.anchor().isEmpty() && anchors.add(heading.anchor())) {
      return heading.anchor();
    }
    String slug = Slug.of(Inlines.textOf(heading.content()));
    String made = Slug.firstFree(slug.isEmpty() ? "part" : slug, anchors::contains);
    anchors.add(made);
    return made;
  }

  private void writeHeading(Heading block) {
    usual.visitHeading(isListed() ? block.atLevel(block.level() + 1) : block);
  }

  private void jumpTarget(JumpTarget block) {
    if (!isListed() && anchors.add(block.anchor())) {
      usual.visitJumpTarget(block);
    }
  }

  /** What nobody has decided about is not asked for by a reader's browser: a link leads there. */
  private void writePicture(Picture block) {
    usual.visitPicture(block.pending() ? block.withLink(null) : block);
  }

  @Override
  public void image(Picture block, HtmlWriter writer) {
    if (block.pending()) {
      String shows = block.alternative() == null ? "" : block.alternative();
      out.open("a").attribute("href", block.source().value()).endOpen();
      out.text(words.get("picture.elsewhere", block.source().host()));
      out.text(shows.isEmpty() ? "" : ": " + shows).close("a");
      return;
    }
    boolean early = first;
    first = false;
    Optional<SiteAsset> asset = library.findAsset(block.source().assetName());
    if (asset.isPresent()) {
      String sizes = Sizes.inText(block.width(), block.side(), share, byTwos);
      new PictureTag(asset.get(), block.alternative(), sizes, null, early, words).write(out);
      return;
    }
    out.open("img").attribute("src", href(block.source()));
    if (block.alternative() != null) {
      out.attribute("alt", block.alternative());
    }
    out.attribute("loading", "lazy").endOpen();
  }

  /** Pictures of a gallery share the measure. */
  private void writeGallery(Gallery block) {
    byTwos = block.columns() > 1;
    shared(1.0 / block.columns(), () -> usual.visitGallery(block));
    byTwos = false;
  }

  private void writeColumns(Columns block) {
    int widest = block.columns().size();
    shared(1.0 / Math.max(1, widest), () -> usual.visitColumns(block));
  }

  /** Renders something whose parts have a share of the measure each. */
  private void shared(double part, Runnable inside) {
    double before = share;
    share = before * part;
    inside.run();
    share = before;
  }

  /** Readers whose software plays nothing get a link, and one without words they could not find. */
  @Override
  public String unnamed(Address source) {
    return source.value().replaceFirst("[?#].*$", "").replaceFirst("^.*/", "");
  }

  private void writeTable(Table block) {
    // A wide table scrolls inside itself, and the keyboard must be able to scroll it.
    String caption = Inlines.textOf(block.caption());
    out.open("div").attribute("class", "table-scroll").attribute("role", "region");
    String name = caption.isEmpty() ? words.get("table") : words.get("table.named", caption);
    // Two regions of one name could not be told apart by whoever goes from one to the next.
    int number = tables.merge(name, 1, Integer::sum);
    out.attribute("aria-label", number == 1 ? name : name + " " + number);
    out.attribute("tabindex", "0").endOpen();
    usual.visitTable(block);
    out.close("div");
  }

  private void writeDownload(Download block) {
    out.open("p").attribute("class", "download").endOpen();
    writeFile(out, library.findAsset(block.asset().assetName()), block.label(), words);
    out.close("p");
  }

  /** A link to a file with its kind and size, or the word that readers cannot have it. */
  static void writeFile(HtmlOut out, Optional<SiteAsset> asset, String label, SiteWords words) {
    if (asset.isEmpty() || asset.get().gone()) {
      out.text(label + " " + words.get("unavailable"));
    } else {
      out.open("a").attribute("href", asset.get().path()).attribute("download", "").endOpen();
      out.text(label).close("a");
      out.text(" (" + kindAndSize(asset.get()) + ")");
    }
  }

  private static String kindAndSize(SiteAsset asset) {
    String ending = asset.name().substring(asset.name().lastIndexOf('.') + 1);
    long kilobytes = Math.max(1, Math.round(asset.bytes() / 1000.0));
    String size =
        kilobytes < 1000
            ? kilobytes + " kB"
            : String.format(Locale.ROOT, "%.1f MB", kilobytes / 1000.0);
    return ending.toUpperCase(Locale.ROOT) + ", " + size;
  }

  private void buttonLink(ButtonLink block) {
    if (writesLink(block.link())) {
      usual.visitButtonLink(block);
    }
  }

  private void contactForm(ContactForm block) {
    // One that is in a list is answered on the item's own page.
    if (!isListed()) {
      forms++;
      out.markup(
          FormPage.renderForm(block, SitePaths.formPath(key, forms), Map.of(), Map.of(), words));
    }
  }

  private void writeEmbed(Embed block) {
    Optional<String> frame = library.frame(block.address());
    if (frame.isEmpty()) {
      usual.visitEmbed(block);
      return;
    }
    out.open("figure").attribute("class", "embed");
    out.attributeIf("style", block.width().css().isEmpty() ? "" : "width: " + block.width().css());
    out.endOpen();
    out.open("iframe").attribute("src", frame.get()).attribute("title", block.title());
    out.attribute("style", "aspect-ratio: " + block.shape().ratio());
    // Something of another host may play and run, but it cannot touch the page around it.
    out.attribute("sandbox", "allow-scripts allow-presentation");
    out.attribute("allow", "fullscreen").attribute("loading", "lazy").endOpen().close("iframe");
    usual.writeCaption(block.caption());
    out.close("figure");
  }

  private void itemList(ItemList block) {
    List<PublishedItem> items =
        block.source() instanceof ItemList.Latest latest
            ? library.latestItems(latest.section(), latest.topic(), key, latest.count())
            : picked(((ItemList.Picked) block.source()).items());
    writesLink("item-list", block.title(), items);
  }

  private void relatedItems(RelatedItems block) {
    writesLink("related-items", block.title(), picked(block.items()));
  }

  private List<PublishedItem> picked(List<ItemReference> items) {
    return items.stream()
        .filter(i -> !i.item().itemKey().equals(key))
        .map(i -> library.findItem(i.item().itemKey()).orElse(null))
        .filter(Objects::nonNull)
        .toList();
  }

  private void writesLink(String name, String title, List<PublishedItem> items) {
    if (items.isEmpty()) {
      return;
    }
    out.open("div").attribute("class", name).endOpen();
    if (!title.isEmpty()) {
      out.tag("p").text(title).close("p");
    }
    out.tag("ul");
    for (PublishedItem item : items) {
      out.tag("li").open("a").attribute("href", item.path()).endOpen();
      out.text(item.content().title()).close("a");
      out.close("li");
    }
    out.close("ul");
    out.close("div");
  }
}
