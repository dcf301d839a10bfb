package app.blenner.bench;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import org.jsoup.Jsoup;

/** Reading and writing a article, beside jsoup parsing and serialising the same text. */
final class ReadWriteBenchmark {
  private final String article;

  ReadWriteBenchmark(int words) {
    this.article = SampleText.html(words);
  }

  public String core() {
    return HtmlWriter.write(HtmlReader.read(article));
  }

  public String jsoup() {
    return Jsoup.parseBodyFragment(article).body().html();
  }
}
