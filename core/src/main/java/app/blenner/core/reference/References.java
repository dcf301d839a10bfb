package app.blenner.core.reference;

import app.blenner.core.document.Address;
import app.blenner.core.document.Code;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import app.blenner.core.document.Text;
import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The reference links of a site, ready to be found in its texts. */
public final class References {
  /** None. */
  public static final References NONE = new References(List.of());

  /** Most patterns of a site. */
  public static final int MOST = 50;

  /** Most letters of a pattern; of an address it is twice that. */
  public static final int LONGEST = 500;

  /**
   * A code in a text.
   *
   * @param from its first letter, from 0
   * @param to the letter after its last
   * @param name what it is
   * @param address where it leads to
   */
  public record Found(int from, int to, String name, Address address) {}

  private record Compiled(ReferenceLink link, Pattern pattern) {}

  private final List<Compiled> all = new ArrayList<>();

  /** Those of these that can be used; what is wrong with the others was said when they were made. */
  public References(List<ReferenceLink> links) {
    for (ReferenceLink link : links) {
      if (problemWith(link).isEmpty()) {
        all.add(new Compiled(link, Pattern.compile(link.pattern())));
      }
    }
  }

  /**
   * What is wrong with a reference link, in a sentence.
   *
   * @return empty when it can be used
   */
  public static String problemWith(ReferenceLink link) {
    String called = "The reference link “" + link.name() + "”";
    if (link.name().isEmpty()) {
      return "A reference link needs a name.";
    }
    if (link.pattern().isEmpty()) {
      return called + " needs a pattern.";
    }
    if (link.pattern().length() > LONGEST || link.address().length() > 2 * LONGEST) {
      return called + " is too long: a pattern has at most " + LONGEST + " characters.";
    }
    Pattern pattern;
    try {
      pattern = Pattern.compile(link.pattern());
    } catch (PatternSyntaxException e) {
      return called
          + " has a pattern that cannot be used: "
          + e.getDescription()
          + ". What looks back or ahead, or refers to what was found before, could run for ever and is"
          + " not taken.";
    }
    if (pattern.matches("") || pattern.matcher(" ").find() && pattern.matches(" ")) {
      return called + " has a pattern that fits nothing at all, and so would stand everywhere.";
    }
    for (int i = pattern.groupCount() + 1; i < 10; i++) {
      if (link.address().contains("{" + i + "}")) {
        return called + " has {" + i + "} in its address, but its pattern has no such group.";
      }
    }
    return Address.parse(link.address().replaceAll("\\{\\d}", "1")).isPresent()
        ? ""
        : called + " leads to no address. One begins with https://, or names a page of the site.";
  }

  /** The codes in a text, the first one first; where two patterns fit, the one that is further up holds. */
  public List<Found> findAll(String text) {
    List<Found> out = new ArrayList<>();
    boolean[] taken = new boolean[text.length()];
    for (Compiled one : all) {
      Matcher m = one.pattern.matcher(text);
      while (m.find()) {
        if (m.end() > m.start() && isWhole(text, m.start(), m.end()) && free(taken, m)) {
          Address.parse(filled(one.link.address(), m))
              .ifPresent(
                  a -> {
                    java.util.Arrays.fill(taken, m.start(), m.end(), true);
                    out.add(new Found(m.start(), m.end(), one.link.name(), a));
                  });
        }
      }
    }
    out.sort(java.util.Comparator.comparingInt(Found::from));
    return out;
  }

  /** A code within a longer word is part of that word: TL-12345 is no TL-1234. */
  private static boolean isWhole(String text, int from, int to) {
    boolean before =
        from > 0
            && Character.isLetterOrDigit(text.codePointBefore(from))
            && Character.isLetterOrDigit(text.codePointAt(from));
    boolean after =
        to < text.length()
            && Character.isLetterOrDigit(text.codePointAt(to))
            && Character.isLetterOrDigit(text.codePointBefore(to));
    return !before && !after;
  }

  private static boolean free(boolean[] taken, Matcher m) {
    for (int i = m.start(); i < m.end(); i++) {
      if (taken[i]) {
        return false;
      }
    }
    return true;
  }

  private static String filled(String template, Matcher m) {
    String out = template;
    for (int i = 0; i <= m.groupCount(); i++) {
      String group = m.group(i) == null ? "" : m.group(i);
      String written = URLEncoder.encode(group, StandardCharsets.UTF_8).replace("+", "%20");
      out = out.replace("{" + i + "}", written);
    }
    return out;
  }

  /** The text with its codes linked, but for those in code and in links that somebody made. */
  public Document linkAll(Document document) {
    if (all.isEmpty()) {
      return document;
    }
    return document.map(block -> block instanceof Code ? block : block.mapContent(this::linkAll));
  }

  /** A line of plain text with its codes linked. */
  public List<Inline> linkLine(String line) {
    return linkAll(List.of(new Text(line, Marks.NONE)));
  }

  private List<Inline> linkAll(List<Inline> content) {
    List<Inline> out = new ArrayList<>();
    for (Inline inline : content) {
      if (inline instanceof Text text && !isApart(text)) {
        split(text, out);
      } else {
        out.add(inline);
      }
    }
    return out;
  }

  private static boolean isApart(Text text) {
    return text.marks().link().isPresent() || text.marks().all().contains(Mark.Plain.CODE);
  }

  private void split(Text text, List<Inline> out) {
    int at = 0;
    for (Found found : findAll(text.text())) {
      if (found.from() > at) {
        out.add(new Text(text.text().substring(at, found.from()), text.marks()));
      }
      Mark link = new Mark.Link(found.address(), found.name(), false);
      out.add(new Text(text.text().substring(found.from(), found.to()), text.marks().with(link)));
      at = found.to();
    }
    if (at < text.text().length()) {
      out.add(new Text(text.text().substring(at), text.marks()));
    }
  }
}
