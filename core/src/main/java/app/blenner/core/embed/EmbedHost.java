package app.blenner.core.embed;

import app.blenner.core.document.PlainText;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A host whose players and pages may be shown.
 *
 * @param host its name, as {@code media.example.org}
 * @param name what people call it
 * @param page path of the page a reader would visit, with {@code {id}} where the thing is named
 * @param frame address of the frame that shows it, likewise
 */
public record EmbedHost(String host, String name, String page, String frame) {
  private static final Pattern HOST = Pattern.compile("[a-z0-9-]+(?:\\.[a-z0-9-]+)++(:\\d{1,5})?");
  private static final String ID = "{id}";

  public EmbedHost {
    host = host.strip().toLowerCase(java.util.Locale.ROOT);
    name = PlainText.toLine(name);
    page = page.strip();
    frame = frame.strip();
    if (!HOST.matcher(host).matches()) {
      throw new IllegalArgumentException("“" + host + "” is not the name of a host.");
    }
    if (!page.startsWith("/") || !page.contains(ID)) {
      throw new IllegalArgumentException("The page of a host is a path with {id} in it.");
    }
    boolean ours = frame.startsWith("/site/");
    if (!frame.contains(ID) || !(ours || originOf(frame).isPresent())) {
      throw new IllegalArgumentException(
          "The frame of a host is an address that begins with https:// and has {id} in it.");
    }
  }

  /** The thing's own name, where an address is its page or its frame. */
  Optional<String> idOf(String address) {
    for (String pattern : List.of("https://" + host + page, frame)) {
      Matcher m =
          Pattern.compile(
                  Pattern.quote(pattern).replace(ID, "\\E([A-Za-z0-9_-]{1,80})\\Q") + "(?:[?#].*)?")
              .matcher(address);
      if (m.matches()) {
        return Optional.of(m.group(1));
      }
    }
    // Players of a host lie beside its pages, under another first word.
    Matcher m =
        Pattern.compile(
                "https://"
                    + Pattern.quote(host)
                    + "/(?:embed|player)/([A-Za-z0-9_-]{1,80})(?:[?#].*)?")
            .matcher(address);
    return m.matches() ? Optional.of(m.group(1)) : Optional.empty();
  }

  /** The address of the page a reader would visit. */
  String pageOf(String id) {
    return "https://" + host + page.replace(ID, id);
  }

  String frameOf(String id) {
    return frame.replace(ID, id);
  }

  /** The origin a page must be allowed to show frames of; empty for this site itself. */
  public String frameOrigin() {
    return frame.startsWith("/") ? "" : originOf(frame).orElseThrow();
  }

  /**
   * The origin of an address, put together of its parts: what is in a policy is never a piece of what somebody typed,
   * which could be a whole policy.
   */
  private static Optional<String> originOf(String frame) {
    try {
      URI uri = new URI(frame.replace(ID, "id")).parseServerAuthority();
      String at =
          uri.getHost() == null
              ? ""
              : uri.getHost().toLowerCase(java.util.Locale.ROOT)
                  + (uri.getPort() < 0 ? "" : ":" + uri.getPort());
      boolean legal =
          "https".equalsIgnoreCase(uri.getScheme())
              && uri.getUserInfo() == null
              && uri.getFragment() == null
              && HOST.matcher(at).matches();
      return legal ? Optional.of("https://" + at) : Optional.empty();
    } catch (URISyntaxException e) {
      return Optional.empty();
    }
  }
}
