package app.blenner.server.find;

/**
 * What an item is counted among: its stage, whose it is, and for whom it waits. All of it in one word, so that counting reads
 * one value of each item.
 *
 * @param stage the name of its stage
 * @param owner the number of the person it belongs to
 * @param waits for whom it waits
 */
record WorklistGroup(String stage, long owner, Waits waits) {

  /** For whom an item waits. */
  enum Waits {
    FOR_NOBODY,
    FOR_EDITORS,
    FOR_ITS_OWNER
  }

  static WorklistGroup of(FoundItem.Standing standing) {
    boolean binned = standing.stage().equals(ItemFinder.BINNED);
    Waits waits =
        binned
            ? Waits.FOR_NOBODY
            : standing.forEditors()
                ? Waits.FOR_EDITORS
                : standing.forOwner() ? Waits.FOR_ITS_OWNER : Waits.FOR_NOBODY;
    return new WorklistGroup(standing.stage(), standing.owner(), waits);
  }

  static WorklistGroup read(String word) {
    String[] parts = word.split(" ");
    return new WorklistGroup(parts[0], Long.parseLong(parts[1]), Waits.valueOf(parts[2]));
  }

  /** All of it in one word, as the index has it. */
  String word() {
    return stage + " " + owner + " " + waits;
  }
}
