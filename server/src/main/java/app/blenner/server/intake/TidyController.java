package app.blenner.server.intake;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.tidy.Tidy;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Finds and mends habits of hand-made text. It keeps nothing. */
@RestController
@RequestMapping("/editor/api/intake/tidy")
class TidyController {
  private static final int LONGEST = 8_000_000;
  private static final String TOO_LONG = "This is too long: at most 8 million characters.";

  /** A text and the BCP 47 tag of its language. */
  record Untidy(
      @NotNull @Size(max = LONGEST, message = TOO_LONG) String body, @NotNull String language) {}

  /**
   * What is to be mended.
   *
   * @param chosen for each habit the keys of its places
   */
  record Chosen(
      @NotNull @Size(max = LONGEST, message = TOO_LONG) String body,
      @NotNull String language,
      @NotNull Map<String, Set<String>> chosen) {}

  record Tidied(String body) {}

  @PostMapping
  List<Tidy.Matches> find(@Valid @RequestBody Untidy text) {
    return Tidy.find(HtmlReader.read(text.body()), text.language());
  }

  @PostMapping("/mended")
  Tidied mend(@Valid @RequestBody Chosen wanted) {
    Document document = HtmlReader.read(wanted.body());
    return new Tidied(HtmlWriter.write(Tidy.apply(document, wanted.language(), wanted.chosen())));
  }
}
