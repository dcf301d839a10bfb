package app.blenner.server.writing;

import app.blenner.core.embed.Embedding;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.MarkupCheck;
import app.blenner.core.format.markup.TypedMarkup;
import app.blenner.core.house.Contrast;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.language.Length;
import app.blenner.core.language.Slug;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.HouseStyleService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the writing surface asks while somebody writes. It keeps nothing. */
@RestController
@RequestMapping("/editor/api/writing")
class WritingController {
  private static final int LONGEST = 8_000_000;

  /** A host whose things may be shown. */
  record Host(String host, String name) {}

  /** What the site gives a writer: its dress, and its hosts. */
  record Writing(
      List<HouseStyle.Colour> palette,
      List<String> fonts,
      List<String> sizes,
      List<Style> styles,
      List<Host> hosts,
      List<String> elements) {}

  /** A named style, without how it looks. */
  record Style(String name, String label) {}

  record Typed(
      @NotNull TypedMarkup.Language language,
      @NotNull @Size(max = LONGEST, message = "This is too long: at most 8 million characters.")
          String text) {}

  record Written(String text) {}

  record Text(
      @NotNull @Size(max = LONGEST, message = "This is too long: at most 8 million characters.")
          String body) {}

  private final PublishedItems items;
  private final HouseStyleService houseStyle;
  private final ExternalService external;

  WritingController(PublishedItems items, HouseStyleService houseStyle, ExternalService external) {
    this.items = items;
    this.houseStyle = houseStyle;
    this.external = external;
  }

  @GetMapping
  Writing writing() {
    HouseStyle house = houseStyle.get();
    return new Writing(
        house.palette(),
        house.fonts(),
        house.sizes(),
        house.styles().stream().map(s -> new Style(s.name(), s.label())).toList(),
        external.embedHosts().stream().map(h -> new Host(h.host(), h.name())).toList(),
        MarkupCheck.ELEMENTS.stream().sorted().toList());
  }

  @GetMapping("/contrast")
  Contrast.Judgement contrast(@RequestParam String text, @RequestParam String ground) {
    return Contrast.judge(text, ground);
  }

  @GetMapping("/embed")
  Embedding embed(@RequestParam String given) {
    return Embedding.judge(given, external.embedHosts());
  }

  /** The titles a list of the latest items in some item shows to readers now. */
  @GetMapping("/latest")
  List<String> latest(
      @RequestParam String section,
      @RequestParam String topic,
      @RequestParam String except,
      @RequestParam int count) {
    PublishedItems.Wanted wanted = new PublishedItems.Wanted(section, topic, true, except);
    return items.latestItems(wanted, Math.max(1, Math.min(50, count))).stream()
        .map(i -> i.content().title())
        .toList();
  }

  @GetMapping("/slug")
  Written slug(@RequestParam String words) {
    return new Written(Slug.of(words));
  }

  @PostMapping("/length")
  Length length(@Valid @RequestBody Text text) {
    return Length.of(HtmlReader.read(text.body()));
  }

  @PostMapping("/markup")
  Written write(@Valid @RequestBody Typed wanted) {
    return new Written(TypedMarkup.write(wanted.language(), wanted.text()));
  }

  @PostMapping("/markup/reading")
  TypedMarkup read(@Valid @RequestBody Typed typed) {
    return TypedMarkup.read(typed.language(), typed.text());
  }
}
