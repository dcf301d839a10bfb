package app.blenner.bench;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.Material;
import app.blenner.core.intake.PasteMode;
import java.util.Set;
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

/** Cleaning a 10,000-word paste of a word processor, beside jsoup parsing the same HTML. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 12, time = 1)
@Measurement(iterations = 8, time = 1)
@Fork(2)
public class PasteBenchmark {
  private final Material paste = Material.html(SampleText.pasted(10_000));

  @Benchmark
  public String core() {
    Intake intake = Intake.read(paste, PasteMode.CLEAN, Pictures.NONE, Set.of());
    return HtmlWriter.write(intake.document());
  }

  @Benchmark
  public Object jsoup() {
    return Jsoup.parse(paste.html());
  }
}
