package app.blenner.server.find;

import org.hibernate.search.backend.lucene.analysis.LuceneAnalysisConfigurationContext;
import org.hibernate.search.backend.lucene.analysis.LuceneAnalysisConfigurer;

/** How words are made of texts. */
public final class ItemAnalysis implements LuceneAnalysisConfigurer {
  /** Words as they are, whatever their case and accents. */
  static final String FOLDED = "folded";

  /** Parts of words of four letters, by which a compound is found by what it is made of. */
  static final String PARTS = "parts";

  /** Word forms of a language. */
  static String forms(String language) {
    return "forms_" + language;
  }

  @Override
  public void configure(LuceneAnalysisConfigurationContext context) {
    context
        .analyzer(FOLDED)
        .custom()
        .tokenizer("standard")
        .tokenFilter("lowercase")
        .tokenFilter("asciiFolding");
    context
        .analyzer(PARTS)
        .custom()
        .tokenizer("standard")
        .tokenFilter("lowercase")
        .tokenFilter("asciiFolding")
        .tokenFilter("nGram")
        .param("minGramSize", "4")
        .param("maxGramSize", "4")
        .param("preserveOriginal", "true");
    Languages.ALL.forEach(
        (language, analyzer) -> context.analyzer(forms(language)).instance(analyzer));
  }
}
