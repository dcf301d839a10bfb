package app.blenner.core.preflight;

import app.blenner.core.document.Address;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.BlockRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.LinkOccurrence;
import app.blenner.core.rule.Passage;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A link to a file says what sort of file it is. */
public final class LinkFile extends BasicRule implements BlockRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "link-file",
          "Links to files that do not say so",
          "A file may be large, and opens elsewhere or not at all; readers want to know before they press.",
          "Common practice: the kind of a file and its size stand in the link; WCAG 2.2, technique G201",
          RuleSeverity.ADVISED,
          "the kind of file one link leads to",
          "the kinds of file %d links lead to");

  /** What a file ends in: a few letters and digits, and something before them. */
  private static final Pattern FILE = Pattern.compile("(?i).+\\.([a-z][a-z0-9]{1,4}|7z|3gp)");

  private static final Pattern HOST = Pattern.compile("(?i)^https?://[^/?#]+");

  /** What is asked for or pointed at behind a path. */
  private static final Pattern BEHIND = Pattern.compile("[?#].*$");

  /** What pages end in; these, and what no file ends in, open as a page. */
  private static final Set<String> PAGES =
      Set.of(
          "html", "htm", "xhtml", "shtml", "php", "php3", "php5", "asp", "aspx", "jsp", "jspx",
          "jsf", "cgi", "cfm", "do", "pl", "page", "action", "mvc", "nsf", "dll", "md");

  /** What people call some kinds of file besides. */
  private static final Map<String, Set<String>> KINDS =
      Map.ofEntries(
          Map.entry("doc", Set.of("word")),
          Map.entry("docx", Set.of("word", "doc")),
          Map.entry("odt", Set.of("text document", "opendocument")),
          Map.entry("xls", Set.of("excel", "spreadsheet")),
          Map.entry("xlsx", Set.of("excel", "spreadsheet", "xls")),
          Map.entry("ods", Set.of("spreadsheet", "opendocument")),
          Map.entry("csv", Set.of("spreadsheet")),
          Map.entry("ppt", Set.of("powerpoint", "slides")),
          Map.entry("pptx", Set.of("powerpoint", "slides", "ppt")),
          Map.entry("odp", Set.of("slides", "opendocument")),
          Map.entry("epub", Set.of("e-book", "ebook")),
          Map.entry("zip", Set.of("archive")),
          Map.entry("ics", Set.of("calendar", "kalender")),
          Map.entry("mp3", Set.of("audio", "sound")),
          Map.entry("wav", Set.of("audio", "sound")),
          Map.entry("mp4", Set.of("video", "film")));

  public LinkFile() {
    super(TOLD, Scope.BLOCK);
  }

  @Override
  public List<Finding> look(Passage passage, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (LinkOccurrence link : passage.leads()) {
      String kind = kindOf(link.address());
      Set<String> names = KINDS.getOrDefault(kind, Set.of());
      if (!kind.isEmpty()
          && !PAGES.contains(kind)
          && !says(link.place().text(), link, kind, names)) {
        found.add(
            Finding.onLead(
                this,
                settings.severityOf(this),
                "This link leads to a file ("
                    + kind.toUpperCase(Locale.ROOT)
                    + "), and does not say so.",
                link,
                List.of()));
      }
    }
    return found;
  }

  /** What the last part of an address ends in, where that is the ending of a file; otherwise empty. */
  private static String kindOf(Address address) {
    return switch (address.kind()) {
      case WEB, PATH, ASSET -> {
        String path =
            BEHIND.matcher(HOST.matcher(address.value()).replaceFirst("")).replaceFirst("");
        Matcher file = FILE.matcher(path.substring(path.lastIndexOf('/') + 1));
        yield file.matches() ? file.group(1).toLowerCase(Locale.ROOT) : "";
      }
      default -> "";
    };
  }

  /** In its words, its title, or in brackets right behind it. */
  private static boolean says(String text, LinkOccurrence link, String kind, Set<String> names) {
    String behind = text.substring(link.to(), Math.min(text.length(), link.to() + 40));
    Matcher brackets = Pattern.compile("^\\s*[(\\[][^)\\]]*").matcher(behind);
    String words =
        (link.text() + " " + link.link().title() + " " + (brackets.find() ? brackets.group() : ""))
            .toLowerCase(Locale.ROOT);
    return words.contains(kind) || names.stream().anyMatch(words::contains);
  }
}
