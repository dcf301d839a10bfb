package app.blenner.bench;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import java.util.concurrent.TimeUnit;
import org.jsoup.Jsoup;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Reading and writing a 10,000-word article, beside jsoup parsing and serialising the same text. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 8, time = 1)
@Fork(2)
public class ReadWriteBenchmark {
  private final String article = SampleText.html(10_000);

  @Benchmark
  public String core() {
    return HtmlWriter.write(HtmlReader.read(article));
  }

  @Benchmark
  public String jsoup() {
    return Jsoup.parseBodyFragment(article).body().html();
  }
}
