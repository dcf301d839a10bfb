package app.blenner.server.outline;

import app.blenner.core.archive.PackedOutline;
import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.kind.Kind;
import app.blenner.core.piece.Pieces;
import app.blenner.server.item.links.SnippetSource;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.KindService;
import java.security.SecureRandom;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The outlines of the site. */
@Service
@Transactional
public class OutlineService implements SnippetSource {
  private static final String KEY_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
  private static final int KEY_LENGTH = 12;

  private final OutlineRepository outlines;
  private final SecureRandom random = new SecureRandom();
  private final KindService siteKinds;

  OutlineService(OutlineRepository outlines, KindService siteKinds) {
    this.siteKinds = siteKinds;
    this.outlines = outlines;
  }

  /** All outlines by name. */
  @Transactional(readOnly = true)
  public List<PackedOutline> all() {
    return entities().stream().map(OutlineService::packed).toList();
  }

  /** Those that lead to an item, by name. It is asked with every save, so that only their texts are read. */
  @Transactional(readOnly = true)
  List<PackedOutline> leadingTo(String itemKey) {
    return outlines.findAllByBodyContainingOrderByName("../items/" + itemKey + ".html").stream()
        .map(OutlineService::packed)
        .toList();
  }

  private static PackedOutline packed(OutlineEntity o) {
    return new PackedOutline(
        o.pieceKey,
        o.name,
        o.about,
        kinds(o),
        o.snippet,
        o.shelf,
        o.forRole,
        HtmlReader.read(o.body));
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
  public List<Document> piecesOf(Collection<Long> numbers) {
    return numbers.isEmpty()
        ? List.of()
        : outlines.findAllById(numbers).stream().map(o -> HtmlReader.read(o.body)).toList();
  }

  @Override
  @Transactional(readOnly = true)
  public Optional<Document> findPiece(String key) {
    return outlines.findByPieceKeyAndSnippetTrue(key).map(o -> HtmlReader.read(o.body));
  }

  @Override
  @Transactional(readOnly = true)
  public Set<String> keys() {
    return Set.copyOf(outlines.pieceKeys());
  }

  /** Takes over an outline. */
  public void add(PackedOutline packed) {
    OutlineEntity made = new OutlineEntity();
    made.snippet = packed.snippet();
    made.shelf = PlainText.toLine(packed.shelf());
    made.pieceKey = packed.key().isEmpty() ? null : packed.key();
    made.forRole = packed.role();
    keep(made, packed.name(), packed.about(), packed.kinds(), HtmlWriter.write(packed.body()));
  }

  /** Takes over an outline in place of the one of the same name, or beside the others; its key stays. */
  public void addOrChange(PackedOutline packed) {
    OutlineEntity there =
        entities().stream()
            .filter(o -> o.name.equalsIgnoreCase(PlainText.toLine(packed.name())))
            .filter(o -> o.snippet == packed.snippet())
            .findFirst()
            .orElse(null);
    if (there == null) {
      add(packed);
      return;
    }
    there.shelf = PlainText.toLine(packed.shelf());
    there.forRole = packed.role();
    String body = HtmlWriter.write(packed.body());
    keep(there, packed.name(), packed.about(), packed.kinds(), body);
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
    String line = PlainText.toLine(name);
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
    o.about = PlainText.toLine(about);
    o.kinds = known;
    if (body != null) {
      Document text = HtmlReader.read(body);
      if (o.pieceKey != null && Pieces.isCircle(o.pieceKey, text, this::findPiece)) {
        throw Problem.unusable(
            "“" + line + "” would stand within itself, by way of the snippets linked in it.");
      }
      o.body = HtmlWriter.write(text);
    }
    if (o.pieceKey == null) {
      o.pieceKey = newKey();
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
    copy.forRole = from.forRole;
    String name = "Copy of " + from.name;
    for (int n = 2; isTaken(name); n++) {
      name = "Copy " + n + " of " + from.name;
    }
    return keep(copy, name, from.about, kinds(from), from.body);
  }

  private String newKey() {
    StringBuilder key = new StringBuilder("p");
    for (int i = 1; i < KEY_LENGTH; i++) {
      key.append(KEY_LETTERS.charAt(random.nextInt(KEY_LETTERS.length())));
    }
    return key.toString();
  }

  private boolean isTaken(String name) {
    return entities().stream().anyMatch(o -> o.name.equalsIgnoreCase(name));
  }

  void delete(long id) {
    outlines.delete(get(id));
  }
}
