package app.blenner.server.find;

import java.io.IOException;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import org.apache.lucene.index.DocValues;
import org.apache.lucene.index.LeafReaderContext;
import org.apache.lucene.index.SortedDocValues;
import org.apache.lucene.index.SortedSetDocValues;
import org.apache.lucene.search.CollectorManager;
import org.apache.lucene.search.ScoreMode;
import org.apache.lucene.search.SimpleCollector;

/**
 * Counts working copies by their {@link WorklistGroup}s, in one walk that reads one number of each. What readers see of items
 * has no group, and is not counted.
 */
final class GroupCounter extends SimpleCollector {
  private final Map<String, Long> counts = new HashMap<>();

  // Of the part of the index that is being walked through: values go by numbers there.
  private SortedSetDocValues several;
  private SortedDocValues single;
  private long[] here;

  private GroupCounter() {}

  /** Counters of parts of the index, which are put together at the end. */
  static CollectorManager<GroupCounter, Map<WorklistGroup, Long>> manager() {
    return new CollectorManager<>() {
      @Override
      public GroupCounter newCollector() {
        return new GroupCounter();
      }

      @Override
      public Map<WorklistGroup, Long> reduce(Collection<GroupCounter> parts) {
        Map<WorklistGroup, Long> all = new HashMap<>();
        parts.forEach(
            part ->
                part.counts.forEach(
                    (word, count) -> all.merge(WorklistGroup.read(word), count, Long::sum)));
        return all;
      }
    };
  }

  @Override
  public ScoreMode scoreMode() {
    return ScoreMode.COMPLETE_NO_SCORES;
  }

  @Override
  protected void doSetNextReader(LeafReaderContext context) throws IOException {
    several = DocValues.getSortedSet(context.reader(), IndexFields.GROUP);
    single = DocValues.unwrapSingleton(several);
    here = new long[(int) several.getValueCount()];
  }

  @Override
  public void collect(int document) throws IOException {
    if (single != null) {
      if (single.advanceExact(document)) {
        here[single.ordValue()]++;
      }
    } else if (several.advanceExact(document)) {
      here[(int) several.nextOrd()]++;
    }
  }

  @Override
  public void finish() throws IOException {
    for (int i = 0; i < here.length; i++) {
      if (here[i] > 0) {
        counts.merge(several.lookupOrd(i).utf8ToString(), here[i], Long::sum);
      }
    }
  }
}
