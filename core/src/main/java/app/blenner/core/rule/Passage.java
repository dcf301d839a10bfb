package app.blenner.core.rule;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.RawHtml;
import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.language.Counts;
import app.blenner.core.terms.Terms;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A block at the top of a text with all that is inside it, and what many rules ask of it, worked out once. What was
 * found in it is kept with it, since a block never changes. All places are within the passage: its own block's has no
 * steps.
 */
public final class Passage {
  /** What a block takes in memory besides its characters, in characters; a guess. */
  private static final int BESIDES = 64;

  /** Which of the terms last asked for it says. */
  private record Said(List<String> asked, Set<String> terms) {}

  private record Look(String rule, Setting setting) {}

  private final Block block;
  private final String language;
  private final List<Place> places;
  private final List<HtmlPiece> pieces;
  private final List<LinkRun> links;
  private final List<LinkOccurrence> leads;
  private final int size;
  private final Map<Look, List<Finding>> found = new ConcurrentHashMap<>();
  private volatile int words = -1;
  private volatile PassageLanguages languages;
  private volatile Said said = new Said(List.of(), Set.of());

  Passage(Block block, String language) {
    this.block = block;
    this.language = language;
    List<Place> all = new ArrayList<>();
    List<HtmlPiece> read = new ArrayList<>();
    new Document(List.of(block))
        .walk((path, b) -> add(Place.of(path.withoutFirst(), b), all, read));
    this.places = List.copyOf(all);
    this.pieces = List.copyOf(read);
    this.links = places.stream().flatMap(p -> LinkRun.of(p).stream()).toList();
    this.leads = LinkOccurrence.of(this);
    this.size = places.stream().mapToInt(p -> p.text().length() + BESIDES).sum();
  }

  /** A place, and where it is a piece of HTML what readers find in that. */
  private static void add(Place place, List<Place> places, List<HtmlPiece> pieces) {
    places.add(place);
    if (place.block() instanceof RawHtml raw) {
      HtmlPiece piece = new HtmlPiece(place.path(), HtmlReader.read(raw.html()));
      BlockPath within = place.path().appendStep(0);
      piece.blocks().walk((path, block) -> places.add(Place.of(within.appendPath(path), block)));
      pieces.add(piece);
    }
  }

  /** The block at the top. */
  public Block block() {
    return block;
  }

  /** The language of the text it is of, a BCP 47 tag. */
  public String language() {
    return language;
  }

  /**
   * Every block of it, those around before those inside, in reading order. A piece of HTML is followed by what it would be
   * as blocks, as if they were inside it: no document has anything there, but readers do.
   */
  public List<Place> places() {
    return places;
  }

  /** Its pieces of HTML. */
  public List<HtmlPiece> pieces() {
    return pieces;
  }

  /** The links in running text, in reading order. */
  public List<LinkRun> links() {
    return links;
  }

  /** What leads somewhere: links in running text, pictures and buttons. */
  public List<LinkOccurrence> leads() {
    return leads;
  }

  /** In which languages it is written. */
  public PassageLanguages languages() {
    PassageLanguages known = languages;
    if (known == null) {
      known = PassageLanguages.of(places, language);
      languages = known;
    }
    return known;
  }

  /** How many words its own block carries, without those of blocks inside it. */
  public int words() {
    int known = words;
    if (known < 0) {
      known = Counts.countWords(places.get(0).text());
      words = known;
    }
    return known;
  }

  /** Which of some terms it says, in whatever form. */
  public Set<String> termsSaid(List<String> terms) {
    Said before = said;
    if (before.asked.equals(terms)) {
      return before.terms;
    }
    Set<String> now = Terms.termsSaid(RunningText.of(List.of(block)), terms, language);
    said = new Said(terms, now);
    return now;
  }

  /** The headings. */
  public List<Place> headings() {
    return places.stream().filter(p -> p.block() instanceof Heading).toList();
  }

  /** About how many characters it takes in memory. */
  int size() {
    return size;
  }

  /** What a rule finds in it: what it found before, where the rule is set as it was then. */
  List<Finding> findingsOf(BlockRule rule, Settings settings) {
    return found.computeIfAbsent(
        new Look(rule.id(), settings.of(rule)), look -> List.copyOf(rule.look(this, settings)));
  }
}
