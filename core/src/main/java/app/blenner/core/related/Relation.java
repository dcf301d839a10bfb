package app.blenner.core.related;

import app.blenner.core.language.Enumeration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What two items have in common.
 *
 * @param weight how much it is; more is more
 * @param reason it in words, as {@code shares 4 topics, both speak of meters}; empty where there is nothing
 */
public record Relation(int weight, String reason) {
  private static final int OF_LINK = 4;
  private static final int OF_TOPIC = 3;
  private static final int OF_KEYWORD = 2;
  private static final int OF_TERM = 1;

  /** More words than these are not read in a reason. */
  private static final int MOST_NAMED = 3;

  /** What one item has in common with another, told of the other. */
  public static Relation betweenProfiles(TopicProfile one, TopicProfile other) {
    List<String> reasons = new ArrayList<>();
    int weight = 0;
    boolean there = one.links().contains(other.key());
    boolean back = other.links().contains(one.key());
    if (there || back) {
      weight += OF_LINK;
      reasons.add(
          there && back ? "each links to the other" : there ? "is linked to" : "links here");
    }
    // Topics of two sections can have one name and mean two things.
    Set<String> topics =
        one.section().equals(other.section()) ? both(one.topics(), other.topics()) : Set.of();
    if (!topics.isEmpty()) {
      weight += OF_TOPIC * topics.size();
      reasons.add("shares " + (topics.size() == 1 ? "one topic" : topics.size() + " topics"));
    }
    Set<String> keywords = both(one.keywords(), other.keywords());
    if (!keywords.isEmpty()) {
      weight += OF_KEYWORD * keywords.size();
      reasons.add("has the " + (keywords.size() == 1 ? "keyword " : "keywords ") + named(keywords));
    }
    Set<String> stems =
        one.language().equals(other.language())
            ? both(one.terms().keySet(), other.terms().keySet())
            : Set.of();
    if (!stems.isEmpty()) {
      weight += OF_TERM * stems.size();
      Set<String> words = new LinkedHashSet<>();
      stems.forEach(s -> words.add(one.terms().get(s)));
      reasons.add("both speak of " + named(words));
    }
    return new Relation(weight, String.join(", ", reasons));
  }

  private static Set<String> both(Set<String> a, Set<String> b) {
    Set<String> out = new LinkedHashSet<>(a);
    out.retainAll(b);
    return out;
  }

  private static String named(Set<String> words) {
    return Enumeration.and(words.stream().limit(MOST_NAMED).toList());
  }
}
