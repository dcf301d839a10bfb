package app.blenner.core.rule;

import app.blenner.core.document.BlockPath;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.language.Counts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** An item as rules look at it, with what many of them ask for worked out once, and what lies beyond it. */
public final class Subject {
  private final Content content;
  private final RuleContext context;
  private final String language;
  private final List<Passage> passages;
  private final List<Place> headings;
  private List<Flow> flows;
  private List<LinkOccurrence> leads;
  private Optional<String> writtenIn;

  private Subject(Content content, RuleContext context, PassageCache known) {
    this.content = content;
    this.context = context;
    this.language = content.languageOn(context.language());
    this.passages =
        content.body().blocks().stream().map(block -> known.of(block, language)).toList();
    List<Place> found = new ArrayList<>();
    for (int i = 0; i < passages.size(); i++) {
      for (Place heading : passages.get(i).headings()) {
        found.add(heading.inPassage(i));
      }
    }
    this.headings = List.copyOf(found);
  }

  /**
   * An item in its surroundings.
   *
   * @param known where its passages may be known from before
   */
  public static Subject of(Content content, RuleContext context, PassageCache known) {
    return new Subject(content, context, known);
  }

  /** What somebody wrote. */
  public Content content() {
    return content;
  }

  /** The kind of the item. */
  public Kind kind() {
    return context.kind();
  }

  /** What else lies beyond it. */
  public RuleContext context() {
    return context;
  }

  /** What lies beyond it and concerns it alone. */
  public ItemContext itemContext() {
    return context.item();
  }

  /** The language it is written in, a BCP 47 tag. */
  public String language() {
    return language;
  }

  /**
   * The other language that its text is in as a whole, where it says the wrong one; empty where it is in the one it says, or
   * where there is too little to tell.
   */
  public Optional<String> writtenIn() {
    if (writtenIn == null) {
      writtenIn = WholeLanguage.of(passages);
    }
    return writtenIn;
  }

  /** The blocks at the top of its text. */
  public List<Passage> passages() {
    return passages;
  }

  /** The headings of its text, wherever they stand, in reading order; the places are those of the whole text. */
  public List<Place> headings() {
    return headings;
  }

  /** Its blocks by what they stand in, each list by itself; those at the top of the text come first. */
  public List<Flow> flows() {
    if (flows == null) {
      flows = madeFlows();
    }
    return flows;
  }

  private List<Flow> madeFlows() {
    List<Place> top = new ArrayList<>(passages.size());
    Map<BlockPath, List<Place>> lists = new LinkedHashMap<>();
    for (int i = 0; i < passages.size(); i++) {
      List<Place> places = passages.get(i).places();
      top.add(places.get(0).inPassage(i));
      for (Place inside : places.subList(1, places.size())) {
        Place place = inside.inPassage(i);
        lists.computeIfAbsent(place.path().withoutLast(), p -> new ArrayList<>()).add(place);
      }
    }
    List<Flow> all = new ArrayList<>();
    all.add(new Flow(top, i -> passages.get(i).words()));
    lists.values().forEach(l -> all.add(new Flow(l, i -> Counts.countWords(l.get(i).text()))));
    return all;
  }

  /** The pieces of HTML of its text; the places are those of the whole text. */
  public List<HtmlPiece> pieces() {
    List<HtmlPiece> out = new ArrayList<>();
    for (int i = 0; i < passages.size(); i++) {
      for (HtmlPiece piece : passages.get(i).pieces()) {
        out.add(piece.inPassage(i));
      }
    }
    return out;
  }

  /** What in its text leads somewhere, in reading order; the places are those of the whole text. */
  public List<LinkOccurrence> leads() {
    if (leads == null) {
      leads = allLeads();
    }
    return leads;
  }

  private List<LinkOccurrence> allLeads() {
    List<LinkOccurrence> out = new ArrayList<>();
    for (int i = 0; i < passages.size(); i++) {
      for (LinkOccurrence lead : passages.get(i).leads()) {
        out.add(new LinkOccurrence(lead.place().inPassage(i), lead.link(), lead.from(), lead.to()));
      }
    }
    return out;
  }
}
