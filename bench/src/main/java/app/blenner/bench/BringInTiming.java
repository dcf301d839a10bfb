package app.blenner.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;

/**
 * How long it takes to bring a site in where one is already, how long editors wait for lists and searches meanwhile, and how
 * large the database's file gets: {@code BringInTiming ADDRESS ARCHIVE DATABASE-FILE}.
 */
final class BringInTiming {
  private static final long PAUSE = 200;
  private static final double NEARLY_ALL = 0.95;

  private BringInTiming() {}

  public static void main(String[] given) throws IOException, InterruptedException {
    EditorClient owner = new EditorClient(given[0]);
    EditorClient reader = new EditorClient(given[0]);
    Path file = Path.of(given[2]);
    List<Double> lists = new ArrayList<>();
    List<Double> searches = new ArrayList<>();
    long largest = 0;
    long begin = System.nanoTime();
    CompletableFuture<String> done =
        CompletableFuture.supplyAsync(() -> owner.upload("/archive/site", Path.of(given[1])));
    while (!done.isDone()) {
      lists.add(timed(reader, "/worklist?page=0"));
      searches.add(timed(reader, "/worklist?words=night"));
      largest = Math.max(largest, Files.size(file));
      Thread.sleep(PAUSE);
    }
    System.out.printf(
        Locale.ROOT,
        "brought in after %.1f s: %s%n",
        (System.nanoTime() - begin) / 1e9,
        done.join());
    System.out.printf(
        Locale.ROOT,
        "meanwhile %d lists at the 95th percentile in %.0f ms, searches in %.0f ms; the file was %d MB at most%n",
        lists.size(),
        nearlyAll(lists),
        nearlyAll(searches),
        largest / 1_000_000);
  }

  private static double timed(EditorClient editor, String path)
      throws IOException, InterruptedException {
    long begin = System.nanoTime();
    editor.ask("GET", path, "");
    return (System.nanoTime() - begin) / 1e6;
  }

  private static double nearlyAll(List<Double> times) {
    List<Double> sorted = times.stream().sorted().toList();
    return sorted.get((int) (NEARLY_ALL * (sorted.size() - 1)));
  }
}
