package app.blenner.core.rule;

import app.blenner.core.document.Block;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Remembers the passages of texts, and so what was found in them, as many as there is room for; those go first that
 * nobody has asked for longest. A save reads the whole text again, and finds all blocks but the changed ones here. Any
 * number of threads may ask.
 */
public final class PassageCache {
  /** Room for the texts that some dozens of people have open, in characters. */
  private static final long ROOM = 4_000_000;

  private record Key(Block block, String language) {}

  private final Map<Key, Passage> known = new LinkedHashMap<>(64, 0.75f, true);
  private final long room;
  private long taken;

  /** With room for so many characters; 0 remembers nothing. */
  public PassageCache(long room) {
    this.room = room;
  }

  /** With as much room as a server gives. */
  public PassageCache() {
    this(ROOM);
  }

  /** How many characters those that are remembered take. */
  long charactersTaken() {
    synchronized (known) {
      return taken;
    }
  }

  /** The passage that a block at the top of a text in a language is. */
  Passage of(Block block, String language) {
    Key key = new Key(block, language);
    synchronized (known) {
      Passage before = known.get(key);
      if (before != null) {
        return before;
      }
    }
    // Two threads may make the same at once; one of them is kept, and either is right.
    Passage made = new Passage(block, language);
    if (made.size() > room / 4) {
      return made;
    }
    synchronized (known) {
      if (known.put(key, made) == null) {
        taken += made.size();
      }
      var oldest = known.entrySet().iterator();
      while (taken > room && oldest.hasNext()) {
        taken -= oldest.next().getValue().size();
        oldest.remove();
      }
    }
    return made;
  }
}
