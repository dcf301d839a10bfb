package app.blenner.core.media;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Captions as WebVTT has them. What is no cue (styles, regions, notes) is kept as it stands. Source: WebVTT: The Web Video
 * Text Tracks Format, W3C Candidate Recommendation, sections 4 and 6.
 *
 * @param head what stands before the first cue, after the first line; without blank lines around it
 */
public record Captions(String head, List<Cue> cues) {
  private static final Pattern TIMES =
      Pattern.compile("\\s*(" + Cue.TIME + ")\\s*-->\\s*(" + Cue.TIME + ")(?:[ \\t]+(.*))?");

  public Captions {
    cues = List.copyOf(cues);
  }

  /**
   * Some words and when they are shown.
   *
   * @param note what is said about it for the people who write, or empty
   * @param id its name, or empty
   * @param start in milliseconds from the beginning
   * @param end in milliseconds
   * @param settings where it stands, as the format writes it, or empty
   */
  public record Cue(String note, String id, long start, long end, String settings, String text) {
    private static final String TIME = "(?:\\d{2,}:)?[0-5]\\d:[0-5]\\d\\.\\d{3}";

    /** A cue with nothing but words. */
    public Cue(long start, long end, String text) {
      this("", "", start, end, "", text);
    }

    /** What is wrong with it, in words; empty where nothing is. */
    public String problem() {
      if (start < 0) {
        return "It begins before the film does.";
      } else if (end <= start) {
        return "It ends before it begins, or at the same moment.";
      } else if (text.isBlank()) {
        return "It has no words.";
      }
      return "";
    }
  }

  /** The moment a time names, in milliseconds. */
  public static Optional<Long> parseMoment(String time) {
    if (!time.strip().matches(Cue.TIME)) {
      return Optional.empty();
    }
    String[] parts = time.strip().split("[:.]");
    long value = 0;
    for (int i = 0; i < parts.length - 1; i++) {
      value = value * 60 + Long.parseLong(parts[i]);
    }
    return Optional.of(value * 1000 + Long.parseLong(parts[parts.length - 1]));
  }

  /** A moment as the format writes it. */
  public static String time(long millis) {
    return String.format(
        Locale.ROOT,
        "%02d:%02d:%02d.%03d",
        millis / 3_600_000,
        millis / 60_000 % 60,
        millis / 1000 % 60,
        millis % 1000);
  }

  /** Reads captions; empty where the first line is not that of WebVTT. What cannot be read is passed over. */
  public static Optional<Captions> parse(String text) {
    String all = text.replace("\uFEFF", "").replace("\u0000", "\uFFFD").replaceAll("\r\n?", "\n");
    if (!all.matches("(?s)WEBVTT(?:[ \\t][^\\n]*)?(?:\\n.*)?")) {
      return Optional.empty();
    }
    String rest = all.substring(Math.max(all.indexOf('\n'), 0)).strip();
    List<String> head = new ArrayList<>();
    List<String> notes = new ArrayList<>();
    List<Cue> cues = new ArrayList<>();
    for (String block : all.indexOf('\n') < 0 ? new String[0] : rest.split("\n{2,}")) {
      Optional<Cue> cue = cueOf(block, String.join("\n\n", notes));
      if (cue.isPresent()) {
        cues.add(cue.get());
        notes.clear();
      } else if (block.matches("(?s)NOTE(?:[ \\t\\n].*)?") && !cues.isEmpty()) {
        notes.add(block);
      } else if (cues.isEmpty()) {
        head.add(block);
      }
    }
    return Optional.of(new Captions(String.join("\n\n", head).strip(), cues));
  }

  private static Optional<Cue> cueOf(String block, String note) {
    String[] lines = block.split("\n", -1);
    for (int i = 0; i < Math.min(2, lines.length); i++) {
      Matcher times = TIMES.matcher(lines[i]);
      if (times.matches()) {
        String text = String.join("\n", List.of(lines).subList(i + 1, lines.length));
        return Optional.of(
            new Cue(
                note,
                i == 1 ? lines[0].strip() : "",
                parseMoment(times.group(1)).orElseThrow(),
                parseMoment(times.group(2)).orElseThrow(),
                times.group(3) == null ? "" : times.group(3).strip(),
                text.stripTrailing()));
      } else if (lines[i].contains("-->")) {
        return Optional.empty();
      }
    }
    return Optional.empty();
  }

  /** Writes them, in order of their beginnings. */
  public String write() {
    StringBuilder out = new StringBuilder("WEBVTT\n");
    if (!head.isBlank()) {
      out.append('\n').append(head.strip()).append('\n');
    }
    cues.stream()
        .sorted(java.util.Comparator.comparingLong(Cue::start))
        .forEach(
            c -> {
              out.append('\n');
              if (!c.note.isBlank()) {
                out.append(c.note.strip()).append("\n\n");
              }
              if (!c.id.isBlank()) {
                out.append(lineOf(c.id)).append('\n');
              }
              out.append(time(c.start)).append(" --> ").append(time(c.end));
              out.append(c.settings.isBlank() ? "" : " " + lineOf(c.settings)).append('\n');
              out.append(wordsOf(c.text)).append('\n');
            });
    return out.toString();
  }

  /** What would end the line, or be taken for times, goes. */
  private static String lineOf(String said) {
    return said.replaceAll("\\s+", " ").replace("-->", "→").strip();
  }

  /** A blank line would end the cue. */
  private static String wordsOf(String text) {
    return text.replaceAll("\r\n?", "\n")
        .replaceAll("\n\\s*(?=\n)", "")
        .replace("-->", "→")
        .strip();
  }
}
