package app.blenner.core.site;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The sections of a site as a tree. It is whole whatever it is made of: a section whose parent is not there, and one of a
 * circle, is at the top.
 */
public final class SectionTree {
  /** So many sections within one another at most. */
  public static final int DEEPEST = 6;

  private final Map<String, Section> bySlug = new LinkedHashMap<>();
  private final Map<String, List<Section>> parts = new LinkedHashMap<>();
  private final List<Section> inOrder = new ArrayList<>();

  /**
   * @param sections those of one section in their order; how those of several sections are mixed does not matter
   */
  public SectionTree(List<Section> sections) {
    sections.forEach(s -> bySlug.put(s.slug(), s));
    for (Section s : sections) {
      parts.computeIfAbsent(standsIn(s), p -> new ArrayList<>()).add(s);
    }
    Deque<Section> next = new ArrayDeque<>(parts.getOrDefault("", List.of()));
    while (!next.isEmpty()) {
      Section s = next.pop();
      inOrder.add(s);
      List<Section> own = partsOf(s.slug());
      for (int i = own.size() - 1; i >= 0; i--) {
        next.push(own.get(i));
      }
    }
  }

  private String standsIn(Section section) {
    Set<String> seen = new HashSet<>();
    Section at = section;
    while (at != null && seen.add(at.slug())) {
      at = bySlug.get(at.parent());
    }
    boolean isOfCircle = at != null;
    return isOfCircle || !bySlug.containsKey(section.parent()) ? "" : section.parent();
  }

  /** All sections, each followed by its parts. */
  public List<Section> inOrder() {
    return List.copyOf(inOrder);
  }

  /** The section with this short name. */
  public Optional<Section> findSection(String slug) {
    return Optional.ofNullable(bySlug.get(slug));
  }

  /** The parts of a section in their order; those at the top for none. */
  public List<Section> partsOf(String slug) {
    return List.copyOf(parts.getOrDefault(slug, List.of()));
  }

  /** The way to a section: those it is a part of, the outermost first, and itself; empty where there is none. */
  public List<Section> way(String slug) {
    List<Section> way = new ArrayList<>();
    Section at = bySlug.get(slug);
    while (at != null) {
      way.add(0, at);
      at = bySlug.get(standsIn(at));
    }
    return way;
  }

  /** A section and all its parts, by their short names. */
  public Set<String> withParts(String slug) {
    return inOrder.stream()
        .map(Section::slug)
        .filter(s -> way(s).stream().anyMatch(w -> w.slug().equals(slug)))
        .collect(Collectors.toSet());
  }

  /** How many sections stand within one another from a section downwards, itself counted. */
  public int depthBelow(String slug) {
    return 1 + partsOf(slug).stream().mapToInt(p -> depthBelow(p.slug())).max().orElse(0);
  }

  /** The address of a section's page; that of the site without one, which is empty. */
  public String pathOf(String slug) {
    return way(slug).stream().map(s -> "/" + s.step()).collect(Collectors.joining());
  }

  /** Who alone may publish in a section; empty where their roles decide. */
  public List<String> publishers(String slug) {
    List<Section> way = way(slug);
    for (int i = way.size() - 1; i >= 0; i--) {
      if (!way.get(i).publishers().isEmpty()) {
        return way.get(i).publishers();
      }
    }
    return List.of();
  }
}
