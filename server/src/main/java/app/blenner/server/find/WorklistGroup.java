package app.blenner.server.find;

import java.util.ArrayList;
import java.util.List;

/** What an item is counted among: whose it is, and for whom it waits. Each item waits for one of them at most. */
final class WorklistGroup {
  static final String WAITS_FOR_EDITORS = "e";

  private WorklistGroup() {}

  static String ofOwner(long owner) {
    return "o" + owner;
  }

  static String waitsFor(long owner) {
    return "w" + owner;
  }

  static List<String> of(FoundItem.Standing standing) {
    List<String> out = new ArrayList<>();
    if (standing.stage().equals("BINNED")) {
      return out;
    }
    out.add(ofOwner(standing.owner()));
    if (standing.forEditors()) {
      out.add(WAITS_FOR_EDITORS);
    } else if (standing.forOwner()) {
      out.add(waitsFor(standing.owner()));
    }
    return out;
  }
}
