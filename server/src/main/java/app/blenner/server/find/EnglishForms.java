package app.blenner.server.find;

import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.LowerCaseFilter;
import org.apache.lucene.analysis.StopFilter;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.analysis.en.EnglishPossessiveFilter;
import org.apache.lucene.analysis.snowball.SnowballFilter;
import org.apache.lucene.analysis.standard.StandardTokenizer;
import org.tartarus.snowball.ext.EnglishStemmer;

/**
 * English words by their forms. By the later of Porter's two stemmers, to which “skies” is a form of “sky”, and “dying” one of
 * “die”.
 */
final class EnglishForms extends Analyzer {
  @Override
  protected TokenStreamComponents createComponents(String field) {
    StandardTokenizer words = new StandardTokenizer();
    TokenStream small = new LowerCaseFilter(new EnglishPossessiveFilter(words));
    TokenStream telling = new StopFilter(small, EnglishAnalyzer.getDefaultStopSet());
    return new TokenStreamComponents(words, new SnowballFilter(telling, new EnglishStemmer()));
  }

  @Override
  protected TokenStream normalize(String field, TokenStream in) {
    return new LowerCaseFilter(in);
  }
}
