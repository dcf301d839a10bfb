package app.blenner.server.out;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.format.docx.DocxWriter;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.markdown.MarkdownWriter;
import app.blenner.core.format.odt.OdtWriter;
import app.blenner.core.format.office.AddressResolver;
import app.blenner.core.format.office.Media;
import app.blenner.core.format.text.TextWriter;
import app.blenner.core.item.Content;
import app.blenner.core.language.SiteWords;
import app.blenner.core.language.Slug;
import app.blenner.core.site.BodyRenderer;
import app.blenner.core.site.Fillings;
import app.blenner.core.site.Library;
import app.blenner.core.site.PageFile;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.SiteAsset;
import app.blenner.server.asset.AssetService;
import app.blenner.server.asset.MediaFiles;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.HouseStyleService;
import app.blenner.server.site.SiteService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Clock;
import java.util.Base64;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes items in the forms they go out in; sizes of pictures that nobody asked for before are made on the way. */
@Service
@Transactional
class OutService {
  /** Pictures within a page make it a third larger than they are; beyond this they stay addresses. */
  private static final long LARGEST_WITHIN = 8_000_000;

  /** A file to be saved. */
  record File(String name, byte[] bytes) {}

  private final PublishedItems items;
  private final AssetService assets;
  private final MediaFiles media;
  private final SiteService sites;
  private final HouseStyleService houseStyle;
  private final Library library;
  private final Clock clock;

  OutService(
      PublishedItems items,
      AssetService assets,
      MediaFiles media,
      SiteService sites,
      HouseStyleService houseStyle,
      Library library,
      Clock clock) {
    this.clock = clock;
    this.items = items;
    this.assets = assets;
    this.media = media;
    this.sites = sites;
    this.houseStyle = houseStyle;
    this.library = library;
  }

  /**
   * Writes the working copy of an item.
   *
   * @param base the address of this server, without a slash at its end
   */
  File write(String key, OutForm form, String base) {
    PublishedItem written =
        items.proof(key).orElseThrow(() -> Problem.notThere("There is no such item."));
    PublishedItem item = form == OutForm.BODY ? written : filled(written);
    Content content = item.content();
    String title = content.title().isEmpty() ? "Untitled" : content.title();
    String language = content.languageOn(sites.site().language());
    byte[] bytes =
        switch (form) {
          case BODY -> utf8(HtmlWriter.write(content.body()) + "\n");
          case PAGE -> utf8(pageOf(item, base));
          case FORMATTED -> utf8(bodyOf(item, base));
          case MARKDOWN -> utf8("# " + title + "\n\n" + MarkdownWriter.write(content.body()));
          case TEXT -> utf8(textOf(content, title));
          case DOCX ->
              DocxWriter.write(
                  title, content.summary(), content.body(), addressesOf(base), language, media());
          case ODT ->
              OdtWriter.write(
                  title, content.summary(), content.body(), addressesOf(base), language, media());
        };
    String slug = Slug.of(title);
    return new File((slug.isEmpty() ? "item" : slug) + "." + form.ending(), bytes);
  }

  /** Wherever a text is read outside Blenner, nobody fills its placeholders any more. */
  private PublishedItem filled(PublishedItem item) {
    Document body = Fillings.fillIn(sites.site(), item, library, clock.getZone());
    return new PublishedItem(
        item.key(),
        item.kind(),
        item.content().withBody(body),
        item.author(),
        item.firstLive(),
        item.updated(),
        item.under());
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String textOf(Content content, String title) {
    String summary = content.summary().isEmpty() ? "" : content.summary() + "\n\n";
    return title + "\n\n" + summary + TextWriter.write(content.body());
  }

  /** Items at their address on the site where readers see them, else where they are written. */
  private AddressResolver addressesOf(String base) {
    return address -> {
      if (address.kind() == Address.Kind.ASSET) {
        String name = address.assetName();
        return base + assets.find(name).map(SiteAsset::path).orElse("/media/" + name);
      }
      if (!address.itemKey().isEmpty()) {
        String place = address.place().isEmpty() ? "" : "#" + address.place();
        return library
            .findItem(address.itemKey())
            .map(i -> base + i.path() + place)
            .orElse(base + "/editor/items/" + address.itemKey());
      }
      return address.value().startsWith("/") ? base + address.value() : address.value();
    };
  }

  private Media media() {
    return name ->
        assets
            .find(name)
            .filter(a -> a.width() > 0)
            .map(a -> new Shown(a, media.shownFile(a)))
            .filter(s -> s.found().mediaType().matches("image/(png|jpeg|gif)"))
            .map(
                s ->
                    new Media.File(
                        bytes(s.found()),
                        s.found().mediaType(),
                        s.asset().width(),
                        s.asset().height()));
  }

  private record Shown(SiteAsset asset, MediaFiles.Found found) {}

  private static byte[] bytes(MediaFiles.Found found) {
    try {
      return Files.readAllBytes(found.file());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String pageOf(PublishedItem item, String base) {
    try {
      String css =
          new ClassPathResource("static/site/article.css")
                  .getContentAsString(StandardCharsets.UTF_8)
              + houseStyle.get().stylesheet();
      return PageFile.write(item, sites.site(), css, bodyOf(item, base));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The text as readers see it, with its pictures in it and addresses that work anywhere. */
  private String bodyOf(PublishedItem item, String base) {
    Element body =
        Jsoup.parseBodyFragment(
                BodyRenderer.render(
                    item.key(),
                    item.content().body(),
                    library,
                    SiteWords.of(item.content().languageOn(sites.site().language()))))
            .body();
    body.ownerDocument().outputSettings().prettyPrint(false);
    // A file of its own has one size of each picture.
    body.select("picture > source").remove();
    body.select("picture").unwrap();
    body.select("img").removeAttr("srcset").removeAttr("sizes");
    long within = 0;
    for (Element img : body.select("img[src^=/media/]")) {
      String path = img.attr("src");
      if (path.split("/").length < 4) {
        continue; // there is no such asset any more
      }
      MediaFiles.Found found = media.fileAt(path);
      byte[] bytes = bytes(found);
      if (within + bytes.length <= LARGEST_WITHIN) {
        within += bytes.length;
        String data = Base64.getEncoder().encodeToString(bytes);
        img.attr("src", "data:" + found.mediaType() + ";base64," + data);
      }
    }
    for (String attribute : new String[] {"href", "src", "action", "poster"}) {
      for (Element e : body.select("[" + attribute + "^=/]")) {
        e.attr(attribute, base + e.attr(attribute));
      }
    }
    return body.html();
  }
}
