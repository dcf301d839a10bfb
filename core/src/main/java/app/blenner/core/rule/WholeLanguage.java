package app.blenner.core.rule;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tells a text that is in another language than it says from one that only cites another. */
final class WholeLanguage {
  /** Fewer words may be a notice in two languages, or the one passage that is quoted. */
  private static final int FEWEST_WORDS = 40;

  private static final int FEWEST_PASSAGES = 2;

  /** So many times as many words as in the language that the text says. */
  private static final int TIMES = 3;

  private static final class Count {
    int words;
    int passages;
  }

  private WholeLanguage() {}

  static Optional<String> of(List<Passage> passages) {
    Map<String, Count> counts = new HashMap<>();
    int own = 0;
    for (Passage passage : passages) {
      PassageLanguages languages = passage.languages();
      own += languages.ownWords();
      for (PassageLanguages.Foreign foreign : languages.foreign()) {
        Count count = counts.computeIfAbsent(foreign.language(), l -> new Count());
        count.words += foreign.words();
        count.passages++;
      }
    }
    for (Map.Entry<String, Count> e : counts.entrySet()) {
      Count count = e.getValue();
      int others = counts.values().stream().mapToInt(c -> c.words).sum() - count.words;
      if (count.words >= FEWEST_WORDS
          && count.passages >= FEWEST_PASSAGES
          && count.words >= TIMES * (own + others)) {
        return Optional.of(e.getKey());
      }
    }
    return Optional.empty();
  }
}
