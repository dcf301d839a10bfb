package app.blenner.core.intake;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/**
 * Links lead straight to where they go. A detour is an address whose query holds a whole other
 * address, on a path that says it only leads on. Marks that follow a reader around are cut off, and
 * a link to a place that did not come along gives way to its words.
 */
final class Links implements CleaningStep {
  private static final int MOST_DETOURS = 4;

  /** Last parts of addresses that only send one on. */
  private static final Set<String> DETOURS =
      Set.of(
          "url",
          "redirect",
          "redir",
          "out",
          "away",
          "click",
          "track",
          "leave",
          "link",
          "l.php",
          "jump",
          "go",
          "exit",
          "forward");

  private static final Pattern WHOLE =
      Pattern.compile(
          "(?:^|&)(?:amp;)?[A-Za-z_]{1,20}=(https?(?:%3A|:)[^&#]+)", Pattern.CASE_INSENSITIVE);
  private static final Pattern MARK =
      Pattern.compile(
          "(?i)^(?:utm_[a-z_]+|gclid|fbclid|msclkid|dclid|mc_[ce]id|igshid|yclid|_hs(?:enc|mi)|vero_id|mkt_tok)=.*");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.element("a");
  }

  @Override
  public void take(Element body, Report.Tally tally) {
    Set<String> places = null;
    for (Element a : Nodes.named(body, Set.of("a"))) {
      String href = a.attributes().get("href").strip();
      if (href.startsWith("#")) {
        if (places == null) {
          places = places(body);
        }
        if (!places.contains(href.substring(1))) {
          a.removeAttr("href");
        }
        continue;
      }
      if (!href.regionMatches(true, 0, "http", 0, 4)) {
        continue;
      }
      String straight = straight(href);
      if (!straight.equals(href)) {
        tally.dropped(Report.Dropped.REDIRECT, 1);
      }
      String bare = withoutMarks(straight);
      if (!bare.equals(straight)) {
        tally.dropped(Report.Dropped.PARAMETER, 1);
      }
      if (!bare.equals(href)) {
        a.attr("href", bare);
      }
    }
  }

  /** Where an address leads in the end, as far as it says so itself. */
  static String straight(String address) {
    String now = address;
    for (int i = 0; i < MOST_DETOURS; i++) {
      int query = now.indexOf('?');
      if (query < 0 || !isDetour(now.substring(0, query))) {
        return now;
      }
      Matcher inner = WHOLE.matcher(now).region(query + 1, now.length());
      if (!inner.find()) {
        return now;
      }
      try {
        now = URLDecoder.decode(inner.group(1).replace("+", "%2B"), StandardCharsets.UTF_8);
      } catch (IllegalArgumentException e) {
        return now;
      }
    }
    return now;
  }

  private static boolean isDetour(String path) {
    String small = path.toLowerCase(Locale.ROOT);
    if (small.indexOf('#') >= 0 || !small.startsWith("http")) {
      return false;
    }
    int end = small.endsWith("/") ? small.length() - 1 : small.length();
    String last = small.substring(small.lastIndexOf('/', end - 1) + 1, end);
    return DETOURS.contains(last) || small.contains("safelink") || small.contains("urldefense");
  }

  /** The address without the parts of its query that only follow a reader around. */
  static String withoutMarks(String address) {
    int query = address.indexOf('?');
    if (query < 0) {
      return address;
    }
    int hash = address.indexOf('#', query);
    int end = hash < 0 ? address.length() : hash;
    List<String> rest = new ArrayList<>();
    for (String part : address.substring(query + 1, end).split("&")) {
      if (!MARK.matcher(part).matches()) {
        rest.add(part);
      }
    }
    String kept = String.join("&", rest);
    if (kept.length() == end - query - 1) {
      return address;
    }
    return address.substring(0, query)
        + (kept.isEmpty() ? "" : "?" + kept)
        + address.substring(end);
  }

  /** The names of places that came along: headings, and what became a jump target. */
  private static Set<String> places(Element body) {
    for (Element a :
        body.select("h1 a[name], h2 a[name], h3 a[name], h4 a[name], h5 a[name], h6 a[name]")) {
      Element heading = a.closest("h1, h2, h3, h4, h5, h6");
      if (heading.id().isEmpty()) {
        heading.id(a.attr("name"));
      }
    }
    Set<String> out = new HashSet<>();
    for (Element e :
        body.select("h1[id], h2[id], h3[id], h4[id], h5[id], h6[id], div.jump-target[id]")) {
      // Names that word processors give to places of their own are no names people chose.
      if (!e.id().toLowerCase(Locale.ROOT).matches("_(toc|ref|hlk|goback).*")) {
        out.add(e.id());
      } else {
        e.removeAttr("id");
      }
    }
    return out;
  }
}
