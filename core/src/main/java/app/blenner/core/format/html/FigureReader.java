package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.Audio;
import app.blenner.core.document.Block;
import app.blenner.core.document.Embed;
import app.blenner.core.document.Gallery;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Quote;
import app.blenner.core.document.Side;
import app.blenner.core.document.Text;
import app.blenner.core.document.Track;
import app.blenner.core.document.Video;
import app.blenner.core.document.Width;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/** Reads quotes, pictures, galleries, embeds and players, in a figure or bare. */
final class FigureReader {
  private final HtmlReader reader;

  FigureReader(HtmlReader reader) {
    this.reader = reader;
  }

  /** A figure taken apart: its one main element, the caption, and whatever else is in it. */
  private record Parts(Element main, Element caption, List<Node> rest) {}

  private static Parts partsOf(Element figure) {
    Element main = null;
    Element caption = null;
    List<Node> rest = new ArrayList<>();
    for (Node node : figure.childNodes()) {
      boolean blank = node instanceof TextNode t && t.isBlank();
      if (node instanceof Element e && e.normalName().equals("figcaption") && caption == null) {
        caption = e;
      } else if (node instanceof Element e && main == null) {
        main = e;
      } else if (!blank) {
        rest.add(node);
      }
    }
    return new Parts(main, caption, rest);
  }

  void figure(Element figure, HtmlReader.Place place, BlockBuilder flow) {
    Parts parts = partsOf(figure);
    HtmlReader.Place inner = place.inside();
    if (figure.hasClass("gallery") && place.mayNest()) {
      gallery(figure, parts, inner, flow);
      return;
    }
    Element main = parts.main;
    Function<List<Inline>, Block> block =
        main == null ? null : mainBlock(figure, main, parts, place);
    if (block == null) {
      reader.ownLines(figure, place, flow);
      return;
    }
    // Read once, and only now: read before it were known that the figure is one, figures within
    // captions would each be read twice by the one around them.
    HtmlReader.Split caption =
        parts.caption == null
            ? new HtmlReader.Split(List.of(), List.of())
            : InlineFlattening.split(reader.readBlocks(withoutCredit(parts.caption), inner));
    flow.add(block.apply(caption.inline()));
    flow.addAll(caption.rest());
    flow.addAll(reader.readBlocks(parts.rest, inner));
  }

  /** What makes a block of a figure and the caption it turns out to have; null where it is not a figure. */
  private Function<List<Inline>, Block> mainBlock(
      Element figure, Element main, Parts parts, HtmlReader.Place place) {
    Element only = main.childrenSize() == 1 && main.ownText().isBlank() ? main.child(0) : null;
    Width width = Width.parse(StyleReader.declarations(figure).get("width"));
    switch (main.normalName()) {
      case "blockquote":
        return place.mayNest() ? quoteOf(main, figure.hasClass("pull"), place) : null;
      case "img":
        return pictureOf(main, null, figure, parts.caption);
      case "a":
        if (only != null && only.normalName().equals("img")) {
          return pictureOf(only, MarkReader.readLink(main).orElse(null), figure, parts.caption);
        }
        return figure.hasClass("embed") ? embedOf(main, figure, width) : null;
      case "iframe":
        return frameOf(main);
      case "audio":
      case "video":
        return playerOf(main, width);
      default:
        return null;
    }
  }

  private static Element creditOf(Element caption) {
    Element last = caption == null ? null : caption.lastElementChild();
    boolean ends = last != null && last.normalName().equals("small");
    for (Node n = ends ? last.nextSibling() : null; n != null; n = n.nextSibling()) {
      ends = ends && n instanceof TextNode t && t.isBlank();
    }
    return ends ? last : null;
  }

  private static List<Node> withoutCredit(Element caption) {
    boolean picture =
        caption.parent() != null && caption.parent().selectFirst("> img, > a > img") != null;
    List<Node> nodes = new ArrayList<>(caption.childNodes());
    nodes.remove(picture ? creditOf(caption) : null);
    return nodes;
  }

  private Function<List<Inline>, Block> pictureOf(
      Element img, Mark.Link link, Element figure, Element captionElement) {
    Optional<Address> source = Address.parse(img.attr("src")).filter(Picture::isSource);
    if (source.isEmpty()) {
      return null;
    }
    Element credit = creditOf(captionElement);
    return caption ->
        new Picture(
            source.get(),
            img.hasAttr("alt") ? img.attr("alt") : null,
            Width.parse(StyleReader.declarations(figure).get("width")),
            StyleReader.side(figure),
            link,
            caption,
            credit == null ? "" : ElementText.of(credit),
            figure.hasClass("pending"));
  }

  private void gallery(Element figure, Parts parts, HtmlReader.Place place, BlockBuilder flow) {
    List<Node> nodes = new ArrayList<>(figure.childNodes());
    nodes.remove(parts.caption);
    List<Picture> pictures = new ArrayList<>();
    List<Block> rest = new ArrayList<>();
    for (Block block : reader.readBlocks(nodes, place)) {
      if (block instanceof Picture p) {
        pictures.add(p);
      } else {
        rest.add(block);
      }
    }
    List<Inline> caption = List.of();
    if (parts.caption != null) {
      HtmlReader.Split split = reader.split(parts.caption, place);
      caption = split.inline();
      rest.addAll(split.rest());
    }
    int columns = 3;
    for (String word : figure.classNames()) {
      columns = word.matches("columns-[1-6]") ? word.charAt(8) - '0' : columns;
    }
    flow.add(new Gallery(columns, pictures, caption));
    flow.addAll(rest);
  }

  private Function<List<Inline>, Block> quoteOf(
      Element blockquote, boolean pull, HtmlReader.Place place) {
    HtmlReader.Place inner =
        new HtmlReader.Place(
            reader.marks.readLanguage(blockquote, place.marks()),
            place.level() + 1,
            place.depth() + 2,
            StyleReader.directionOf(blockquote, place.direction()));
    Address source = Address.parse(blockquote.attr("cite")).orElse(null);
    return attribution ->
        new Quote(pull, source, reader.readBlocks(blockquote, inner), attribution);
  }

  void bareQuote(Element blockquote, HtmlReader.Place place, BlockBuilder flow) {
    if (place.mayNest()) {
      flow.add(quoteOf(blockquote, false, place).apply(List.of()));
    } else {
      reader.ownLines(blockquote, place, flow);
    }
  }

  void bareImage(Element img, HtmlReader.Place place, BlockBuilder flow) {
    Optional<Address> source = Address.parse(img.attr("src")).filter(Picture::isSource);
    String alternative = img.hasAttr("alt") ? img.attr("alt") : null;
    if (source.isEmpty()) {
      // The picture cannot come along, but what it says in words can.
      flow.add(new Text(alternative == null ? "" : alternative, place.marks()));
    } else {
      Mark.Link link = place.marks().link().orElse(null);
      flow.add(new Picture(source.get(), alternative, Width.OWN, Side.NONE, link, List.of(), ""));
    }
  }

  void bareFrame(Element frame, BlockBuilder flow) {
    Function<List<Inline>, Block> block = frameOf(frame);
    if (block != null) {
      flow.add(block.apply(List.of()));
    }
  }

  private static Function<List<Inline>, Block> frameOf(Element frame) {
    Optional<Address> to =
        Address.parse(frame.attr("src")).filter(a -> a.kind() == Address.Kind.WEB);
    return to.isEmpty()
        ? null
        : caption -> new Embed(to.get(), frame.attr("title"), Width.OWN, Embed.Shape.WIDE, caption);
  }

  private static Function<List<Inline>, Block> embedOf(Element a, Element figure, Width width) {
    Optional<Address> to = Address.parse(a.attr("href")).filter(x -> x.kind() == Address.Kind.WEB);
    String ratio = StyleReader.declarations(figure).getOrDefault("aspect-ratio", "");
    return to.isEmpty()
        ? null
        : caption -> new Embed(to.get(), ElementText.of(a), width, Embed.Shape.of(ratio), caption);
  }

  void barePlayer(Element player, HtmlReader.Place place, BlockBuilder flow) {
    Function<List<Inline>, Block> block = playerOf(player, Width.OWN);
    if (block == null) {
      reader.ownLines(player, place, flow);
    } else {
      flow.add(block.apply(List.of()));
    }
  }

  private static Function<List<Inline>, Block> playerOf(Element player, Width width) {
    Element inner = player.selectFirst("> source");
    String address =
        player.hasAttr("src") || inner == null ? player.attr("src") : inner.attr("src");
    Optional<Address> source = asset(address);
    if (source.isEmpty()) {
      return null;
    }
    Element t = player.selectFirst("> track");
    Track track =
        asset(t == null ? "" : t.attr("src"))
            .map(s -> new Track(s, t.attr("srclang")))
            .orElse(null);
    return player.normalName().equals("audio")
        ? caption -> new Audio(source.get(), ElementText.of(player), track, caption)
        : caption ->
            new Video(
                source.get(),
                ElementText.of(player),
                asset(player.attr("poster")).orElse(null),
                track,
                width,
                caption);
  }

  private static Optional<Address> asset(String address) {
    return Address.parse(address).filter(a -> a.kind() == Address.Kind.ASSET);
  }
}
