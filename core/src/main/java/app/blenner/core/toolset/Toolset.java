package app.blenner.core.toolset;

import app.blenner.core.document.PlainText;
import app.blenner.core.signoff.Role;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which tools some texts offer. Tools that make nothing, such as Undo and Find, are there whether it names them or not; it
 * only says where they stand.
 *
 * @param name its short name
 * @param label what people call it
 * @param about what it is for, in a line
 * @param groups the tools in their groups, in the order of the strip
 * @param only what is narrowed to some values, and to which; what is not named here is not narrowed
 * @param uses where it holds
 */
public record Toolset(
    String name,
    String label,
    String about,
    List<ToolGroup> groups,
    Map<Choice, List<String>> only,
    List<Use> uses) {

  /** The tool nobody can do without. */
  public static final String PARAGRAPH = "paragraph";

  /** What the column beside a text offers, as long as no toolset names it: it is narrow, and said in a few lines. */
  public static final Toolset SIDE =
      new Toolset(
          "side-column",
          "Side column",
          "A few lines beside a text",
          List.of(
              new ToolGroup(
                  "Text",
                  List.of("strong", "emphasis", "link"),
                  List.of("superscript", "subscript")),
              new ToolGroup("Structure", List.of(PARAGRAPH, "bulleted", "numbered"), List.of()),
              new ToolGroup("Insert", List.of(), List.of("merge-field"))),
          Map.of(),
          List.of());

  public Toolset {
    label = PlainText.toLine(label);
    about = PlainText.toLine(about);
    groups = List.copyOf(groups);
    Map<Choice, List<String>> narrowed = new EnumMap<>(Choice.class);
    only.forEach((choice, values) -> narrowed.put(choice, List.copyOf(values)));
    only = Map.copyOf(narrowed);
    uses = List.copyOf(uses);
  }

  /** The short names of all tools it names. */
  public Set<String> tools() {
    return groups.stream()
        .flatMap(g -> Stream.concat(g.buttons().stream(), g.menu().stream()))
        .collect(Collectors.toSet());
  }

  /** What a text may hold that is held to it. */
  public ContentPolicy allowance() {
    return new ContentPolicy(tools(), only, Set.of());
  }

  /**
   * The nearest of some toolsets for a text: that of its field before that of its kind before that of the site, and in each
   * that of a role before that of everybody. For the column beside a text only one that names it counts; else it is a small
   * one of its own.
   *
   * @return empty where every tool there is is offered
   */
  public static Optional<Toolset> nearest(
      Collection<Toolset> all, String kind, String field, Role role) {
    record Near(Toolset toolset, int nearness) {}
    boolean aside = field.equals(Use.SIDE);
    Optional<Toolset> named =
        all.stream()
            .flatMap(
                t ->
                    t.uses.stream()
                        .filter(u -> u.holdsFor(kind, field, role))
                        .filter(u -> !aside || u.field().equals(field))
                        .map(u -> new Near(t, u.nearness())))
            .max(Comparator.comparingInt(Near::nearness))
            .map(Near::toolset);
    return named.isEmpty() && aside ? Optional.of(SIDE) : named;
  }

  /**
   * What is wrong with it, in sentences.
   *
   * @return nothing where it is sound
   */
  public List<String> problems() {
    return ToolsetCheck.of(this);
  }

  /** The place that both claim, where they do. */
  public Optional<Use> shared(Toolset other) {
    Set<Use> mine = new HashSet<>(uses);
    return other.uses.stream().filter(mine::contains).findFirst();
  }

  /** Why some toolsets cannot stand beside each other, in a sentence; empty where they can. */
  public static Optional<String> clash(List<Toolset> all) {
    Set<String> names = new HashSet<>();
    Set<String> labels = new HashSet<>();
    for (int i = 0; i < all.size(); i++) {
      Toolset set = all.get(i);
      if (!names.add(set.name) || !labels.add(set.label.toLowerCase(Locale.ROOT))) {
        return Optional.of("Two toolsets are called “" + set.label + "”.");
      }
      for (Toolset other : all.subList(0, i)) {
        if (set.shared(other).isPresent()) {
          return Optional.of(
              "The toolsets “"
                  + other.label
                  + "” and “"
                  + set.label
                  + "” hold for the same texts.");
        }
      }
    }
    return Optional.empty();
  }
}
