package app.blenner.server.find;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.ar.ArabicAnalyzer;
import org.apache.lucene.analysis.da.DanishAnalyzer;
import org.apache.lucene.analysis.de.GermanAnalyzer;
import org.apache.lucene.analysis.es.SpanishAnalyzer;
import org.apache.lucene.analysis.fi.FinnishAnalyzer;
import org.apache.lucene.analysis.fr.FrenchAnalyzer;
import org.apache.lucene.analysis.it.ItalianAnalyzer;
import org.apache.lucene.analysis.nl.DutchAnalyzer;
import org.apache.lucene.analysis.no.NorwegianAnalyzer;
import org.apache.lucene.analysis.pt.PortugueseAnalyzer;
import org.apache.lucene.analysis.sv.SwedishAnalyzer;

/** The languages whose word forms are known, each with what makes words of its texts. */
final class Languages {
  static final Map<String, Analyzer> ALL = new LinkedHashMap<>();

  static {
    ALL.put("en", new EnglishForms());
    ALL.put("de", new GermanAnalyzer());
    ALL.put("fr", new FrenchAnalyzer());
    ALL.put("es", new SpanishAnalyzer());
    ALL.put("it", new ItalianAnalyzer());
    ALL.put("pt", new PortugueseAnalyzer());
    ALL.put("nl", new DutchAnalyzer());
    ALL.put("sv", new SwedishAnalyzer());
    ALL.put("no", new NorwegianAnalyzer());
    ALL.put("da", new DanishAnalyzer());
    ALL.put("fi", new FinnishAnalyzer());
    ALL.put("ar", new ArabicAnalyzer());
  }

  private Languages() {}

  /** The language of a BCP 47 tag, where its word forms are known. */
  static Optional<String> of(String tag) {
    String language = Locale.forLanguageTag(tag).getLanguage();
    String known = language.equals("nb") || language.equals("nn") ? "no" : language;
    return ALL.containsKey(known) ? Optional.of(known) : Optional.empty();
  }
}
