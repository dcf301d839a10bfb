package app.blenner.core.format.docx;

import app.blenner.core.document.NumberedList;

/** How the levels of one list count: word processors keep a list with all in it as one. */
final class DocxList {
  private static final int LEVELS = 9;

  private final NumberedList[] numbered = new NumberedList[LEVELS];
  private final boolean[] used = new boolean[LEVELS];

  /** Whether a list within it, bulleted where null, can be one of its levels. */
  boolean takes(int level, NumberedList list) {
    if (!used[level]) {
      return true;
    }
    NumberedList have = numbered[level];
    return list == null
        ? have == null
        : have != null && have.numbering() == list.numbering() && have.start() == list.start();
  }

  void put(int level, NumberedList list) {
    used[level] = true;
    numbered[level] = list;
  }

  /** The numbers of a level; null for bullets. */
  NumberedList level(int level) {
    return numbered[level];
  }
}
