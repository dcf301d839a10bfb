package app.blenner.core.rule;

import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRequest;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What lies beyond an item and concerns it alone. Of what is not in here nothing is known, and no rule says anything.
 *
 * @param today the day it is, or null where nobody knows
 * @param assets the assets it uses, by their names
 * @param targets the items it leads to, by their keys
 * @param twins the live items that say the same of themselves
 * @param answers how places elsewhere that it leads to answered, by their addresses
 * @param remarks what those say who know its language, by what they read; texts nobody has read yet are not in it
 * @param terms what readers will search for, and its text is to speak of
 * @param words words that whoever looks at it knows
 */
public record ItemContext(
    LocalDate today,
    Map<String, AssetFacts> assets,
    Map<String, LinkedItem> targets,
    List<Twin> twins,
    Map<String, LinkAnswer> answers,
    Map<ProofreadRequest, List<ProofreadRemark>> remarks,
    List<String> terms,
    Set<String> words) {

  /** Nothing is known. */
  public static final ItemContext UNKNOWN =
      new ItemContext(null, Map.of(), Map.of(), List.of(), Map.of(), Map.of(), List.of(), Set.of());

  /** What two items can say of themselves in the same words. */
  public enum Said {
    /** What search engines show as its title. */
    TITLE,
    /** What search engines show below it. */
    DESCRIPTION
  }

  /**
   * An item that says the same of itself.
   *
   * @param said what they share
   * @param key its key
   * @param title its title
   */
  public record Twin(Said said, String key, String title) {}

  /** The same, as somebody sees it who knows some words. */
  public ItemContext knowing(Set<String> some) {
    return new ItemContext(today, assets, targets, twins, answers, remarks, terms, some);
  }

  public ItemContext {
    assets = Map.copyOf(assets);
    targets = Map.copyOf(targets);
    twins = List.copyOf(twins);
    answers = Map.copyOf(answers);
    remarks = Map.copyOf(remarks);
    terms = List.copyOf(terms);
    words = Set.copyOf(words);
  }
}
