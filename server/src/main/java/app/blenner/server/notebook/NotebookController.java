package app.blenner.server.notebook;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.terms.Terms;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.revision.Revised;
import app.blenner.server.site.SiteService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The notebook of an item. */
@RestController
@RequestMapping("/editor/api/items/{key}/notebook")
class NotebookController {
  /** A line of a notebook. */
  record Note(long id, String words, boolean ticked, double place) implements Revised {
    static Note of(NoteEntity n) {
      return new Note(n.id, n.words, n.ticked, n.place);
    }
  }

  record NoteWords(
      @NotNull @Size(max = 200_000, message = "This is too much for a notebook at once.")
          String words) {}

  /** A change of a line; what is left out stays. */
  record NoteChange(
      @Size(max = 8000, message = "A line has at most 8,000 characters.") String words,
      Boolean ticked,
      Double place) {}

  record TargetTerms(@NotNull List<String> terms) implements Revised {}

  /** A text to look through for the item's terms. */
  record Speaking(
      @NotNull @Size(max = 8_000_000, message = "This is too long: at most 8 million characters.")
          String body) {}

  private final NotebookService notebooks;
  private final PublishedItems items;
  private final SiteService sites;

  NotebookController(NotebookService notebooks, PublishedItems items, SiteService sites) {
    this.notebooks = notebooks;
    this.items = items;
    this.sites = sites;
  }

  @GetMapping
  List<Note> lines(@PathVariable String key) {
    return notebooks.linesOf(key).stream().map(Note::of).toList();
  }

  @PostMapping
  List<Note> add(@PathVariable String key, @Valid @RequestBody NoteWords given) {
    return notebooks.add(key, given.words).stream().map(Note::of).toList();
  }

  @PutMapping("/{id}")
  @Transactional
  Note change(
      @PathVariable String key,
      @PathVariable long id,
      @Valid @RequestBody NoteChange c,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    seen.check("this line", Note.of(notebooks.get(key, id)));
    return Note.of(notebooks.change(key, id, c.words, c.ticked, c.place));
  }

  @DeleteMapping("/{id}")
  @Transactional
  void remove(
      @PathVariable String key,
      @PathVariable long id,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    seen.check("this line", Note.of(notebooks.get(key, id)));
    notebooks.remove(key, id);
  }

  @GetMapping("/target-terms")
  TargetTerms target(@PathVariable String key) {
    return new TargetTerms(notebooks.termsOf(key));
  }

  @PutMapping("/target-terms")
  @Transactional
  TargetTerms target(
      @PathVariable String key,
      @Valid @RequestBody TargetTerms target,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    notebooks.begin(key);
    seen.check("what this item is to speak of", target(key));
    return new TargetTerms(notebooks.termsOf(key, target.terms));
  }

  /** What a text speaks of, beside what it is to speak of. */
  @PostMapping("/terms")
  Terms terms(@PathVariable String key, @Valid @RequestBody Speaking text) {
    String language = items.languageOf(key, sites.site().language());
    return Terms.of(HtmlReader.read(text.body), notebooks.termsOf(key), language);
  }
}
