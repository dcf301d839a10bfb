package app.blenner.core.intake;

import app.blenner.core.document.Address;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/**
 * Links lead straight to where they go: detours and marks that follow a reader around are cut off, the site's own
 * addresses become links within the site, and a mail address takes no lines that could smuggle more into a mail.
 */
final class LinkCleaning implements CleaningStep {
  private static final Pattern MARK =
      Pattern.compile(
          "(?i)^(?:utm_[a-z_]+|gclid|fbclid|msclkid|dclid|mc_[ce]id|igshid|yclid|_hs(?:enc|mi)|vero_id|mkt_tok)=.*");

  private final Function<String, Optional<Address>> own;

  /**
   * @param own what an absolute address of the site's own stands for
   */
  LinkCleaning(Function<String, Optional<Address>> own) {
    this.own = own;
  }

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("a");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    int within = 0;
    for (Element a : DomWalk.elementsNamed(body, "a")) {
      String href = a.attributes().get("href").strip();
      if (href.regionMatches(true, 0, "mailto:", 0, 7)) {
        a.attr("href", oneLine(href));
      }
      if (href.startsWith("/") && !href.startsWith("//")) {
        within += a.hasText() ? 1 : 0;
        a.attr("href", bare(href, tally));
        continue;
      }
      if (!href.regionMatches(true, 0, "http", 0, 4)) {
        // An address that means something on one machine only, or runs a program, is none here.
        boolean none = !href.isEmpty() && Address.parse(a.attr("href")).isEmpty() && a.hasText();
        tally.dropped(IntakeReport.Dropped.LINK, none ? 1 : 0);
        continue;
      }
      String straight = RedirectLinks.straight(href);
      if (!straight.equals(href)) {
        tally.dropped(IntakeReport.Dropped.REDIRECT, 1);
      }
      String bare = bare(straight, tally);
      String inside = own.apply(bare).map(Address::value).orElse(bare);
      if (!inside.equals(href)) {
        a.attr("href", inside);
      }
    }
    if (within > 0) {
      // The site it came from is not said, and its paths need not be those of this one.
      tally.note(
          within == 1
              ? "A link names a path and no site; here it leads into this site. Check where it goes."
              : within
                  + " links name a path and no site; here they lead into this site. Check where they go.");
    }
  }

  /** An address without the marks that follow a reader around, told. */
  private static String bare(String address, IntakeReport.Tally tally) {
    String bare = withoutMarks(address);
    if (!bare.equals(address)) {
      tally.dropped(IntakeReport.Dropped.PARAMETER, 1);
    }
    return bare;
  }

  /** A mail address in one line. RFC 6068, section 7: line breaks could add fields to the mail. */
  static String oneLine(String address) {
    return address
        .replaceAll("(?i)(?<=[?&]body=)(?:%0d|%0a|[\\r\\n])*+", "")
        .replaceAll("(?i)(?:%0d|%0a|[\\r\\n])++", "%20")
        .replaceAll("(?i)^(mailto:[^?]*?)(?:%20)++", "$1");
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
}
