package app.blenner.server.proofread;

import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRemark.Sort;
import app.blenner.core.proofread.ProofreadRequest;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words that were found misspelled, to be found in texts that nobody has read yet. */
final class MisspelledWords {
  private static final int MOST = 20_000;

  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}]+(?:['’-][\\p{L}\\p{M}]+)*");

  private record Word(String language, String word) {}

  private final Cache<Word, ProofreadRemark> words =
      Caffeine.newBuilder().maximumSize(MOST).build();

  /** Learns from a text that was read: what is misspelled in it, and what is not any more. */
  void learn(ProofreadRequest question, List<ProofreadRemark> remarks) {
    Matcher m = WORD.matcher(question.text());
    while (m.find()) {
      Word word = new Word(question.language(), m.group());
      ProofreadRemark said = null;
      for (ProofreadRemark r : remarks) {
        said = r.sort() == Sort.SPELLING && r.from() == m.start() && r.to() == m.end() ? r : said;
      }
      if (said != null) {
        words.put(word, said);
      } else {
        words.invalidate(word);
      }
    }
  }

  /** What of it is in a text that nobody has read yet. */
  List<ProofreadRemark> remarksIn(ProofreadRequest question) {
    List<ProofreadRemark> out = new ArrayList<>();
    Matcher m = WORD.matcher(question.text());
    while (words.estimatedSize() > 0 && m.find()) {
      ProofreadRemark known = words.getIfPresent(new Word(question.language(), m.group()));
      if (known != null) {
        out.add(
            new ProofreadRemark(
                m.start(), m.end(), Sort.SPELLING, known.rule(), known.message(), known.better()));
      }
    }
    return out;
  }
}
