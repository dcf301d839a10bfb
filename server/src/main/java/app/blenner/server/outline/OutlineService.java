package app.blenner.server.outline;

import app.blenner.core.archive.PackedOutline;
import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.kind.Kind;
import app.blenner.server.item.ReadyMade;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.KindService;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The outlines of the site. */
@Service
@Transactional
public class OutlineService implements ReadyMade {
  private final OutlineRepository outlines;
  private final KindService siteKinds;

  OutlineService(OutlineRepository outlines, KindService siteKinds) {
    this.siteKinds = siteKinds;
    this.outlines = outlines;
  }

  /** All outlines by name. */
  @Transactional(readOnly = true)
  public List<PackedOutline> all() {
    return entities().stream()
        .map(
            o ->
                new PackedOutline(
                    o.name, o.about, kinds(o), o.snippet, o.shelf, HtmlReader.read(o.body)))
        .toList();
  }

  @Transactional(readOnly = true)
  List<OutlineEntity> entities() {
    return outlines.findAllByOrderByName();
  }

  static List<String> kinds(OutlineEntity o) {
    return o.kinds.isEmpty() ? List.of() : List.of(o.kinds.split(" "));
  }

  @Override
  @Transactional(readOnly = true)
  public List<Document> pieces(Collection<Long> numbers) {
    return numbers.isEmpty()
        ? List.of()
        : outlines.findAllById(numbers).stream().map(o -> HtmlReader.read(o.body)).toList();
  }

  /** Takes over an outline. */
  public void add(PackedOutline packed) {
    OutlineEntity made = new OutlineEntity();
    made.snippet = packed.snippet();
    made.shelf = PlainText.line(packed.shelf());
    keep(made, packed.name(), packed.about(), packed.kinds(), HtmlWriter.write(packed.body()));
  }

  /** Takes all outlines away. */
  public void clear() {
    outlines.deleteAllInBatch();
  }

  OutlineEntity get(long id) {
    return outlines
        .findById(id)
        .orElseThrow(() -> Problem.notThere("There is no such outline any more."));
  }

  /** Keeps an outline; without a text the one it has stays. */
  OutlineEntity keep(OutlineEntity o, String name, String about, List<String> kinds, String body) {
    String line = PlainText.line(name);
    if (line.isEmpty()) {
      throw Problem.unusable((o.snippet ? "A snippet" : "An outline") + " needs a name.");
    }
    String known = known(kinds);
    if (known.isEmpty() && !(o.snippet && kinds.isEmpty())) {
      throw Problem.unusable("Say for which kinds of item it is.");
    }
    boolean taken =
        outlines.findAllByOrderByName().stream()
            .anyMatch(x -> x.name.equalsIgnoreCase(line) && !x.id.equals(o.id));
    if (taken) {
      throw Problem.unusable("There is an outline or a snippet called “" + line + "” already.");
    }
    o.name = line;
    o.nameKey = line.toLowerCase(Locale.ROOT);
    o.about = PlainText.line(about);
    o.kinds = known;
    if (body != null) {
      o.body = HtmlWriter.write(HtmlReader.read(body));
    }
    if (o.body == null || o.body.isBlank()) {
      throw Problem.unusable(
          o.snippet
              ? "A snippet with nothing in it is no help; pick what it shall hold first."
              : "An outline with nothing in it is no help; put a heading or a prompt in first.");
    }
    return outlines.saveAndFlush(o);
  }

  /** Those of these kinds that there still are: one that went must not keep an outline from being changed. */
  private String known(List<String> kinds) {
    List<String> wanted = kinds.stream().map(k -> k.toLowerCase(Locale.ROOT)).toList();
    return siteKinds.all().stream()
        .map(Kind::name)
        .filter(wanted::contains)
        .collect(Collectors.joining(" "));
  }

  OutlineEntity copy(long id) {
    OutlineEntity from = get(id);
    OutlineEntity copy = new OutlineEntity();
    copy.snippet = from.snippet;
    copy.shelf = from.shelf;
    String name = "Copy of " + from.name;
    for (int n = 2; isTaken(name); n++) {
      name = "Copy " + n + " of " + from.name;
    }
    return keep(copy, name, from.about, kinds(from), from.body);
  }

  private boolean isTaken(String name) {
    return entities().stream().anyMatch(o -> o.name.equalsIgnoreCase(name));
  }

  void delete(long id) {
    outlines.delete(get(id));
  }
}
