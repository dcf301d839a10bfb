package app.blenner.core.intake;

import app.blenner.core.document.Direction;

/**
 * Marks around a whole line that say which way it runs (UAX #9, sections 2.1 to 2.3), as readers of PDF write them. Nobody
 * sees them, but a search stumbles over them. Where the letters of the line say the same, they go; within a line they stay.
 */
final class DirectionalMarks {
  private static final char LEFT_TO_RIGHT = '\u202A';
  private static final char RIGHT_TO_LEFT = '\u202B';
  private static final char END = '\u202C';

  private DirectionalMarks() {}

  /** The text with no marks around its lines, told once. */
  static String replaceMarks(String text, IntakeReport.Tally tally) {
    if (text.indexOf(END) < 0) {
      return text;
    }
    StringBuilder out = new StringBuilder(text.length());
    int opened = 0;
    int at = 0;
    while (at < text.length()) {
      int feed = text.indexOf('\n', at);
      int end = feed < 0 ? text.length() : feed;
      int close = end > at && text.charAt(end - 1) == '\r' ? end - 1 : end;
      if (isEmbedded(text, at, close)) {
        out.append(text, at + 1, close - 1).append(text, close, end);
        opened++;
      } else {
        out.append(text, at, end);
      }
      out.append(feed < 0 ? "" : "\n");
      at = end + 1;
    }
    if (opened > 0) {
      tally.note(
          "Left out the unseen marks of direction around "
              + (opened == 1 ? "1 line" : opened + " lines")
              + "; the letters say the same.");
    }
    return out.toString();
  }

  /** Whether one pair of marks stands around all of a line, and says what its letters say. */
  private static boolean isEmbedded(String text, int from, int to) {
    if (to - from < 2 || text.charAt(to - 1) != END) {
      return false;
    }
    char first = text.charAt(from);
    if (first != LEFT_TO_RIGHT && first != RIGHT_TO_LEFT) {
      return false;
    }
    int depth = 0;
    for (int i = from; i < to - 1; i++) {
      char c = text.charAt(i);
      // Overrides are closed by the same mark.
      depth += c >= LEFT_TO_RIGHT && c <= '\u202E' ? (c == END ? -1 : 1) : 0;
      if (depth == 0) {
        return false; // closed before the end: it was not around all of it
      }
    }
    // A line without letters, a lone sign of a list say, would be taken for another line's.
    Direction said = first == RIGHT_TO_LEFT ? Direction.RTL : Direction.LTR;
    return depth == 1 && Direction.firstStrong(text.substring(from, to)) == said;
  }
}
