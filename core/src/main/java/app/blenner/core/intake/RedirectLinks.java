package app.blenner.core.intake;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Addresses that only lead on to another: those of mail gateways, which look a link over first, and of searches and
 * social pages, which count who follows it. Each holds the address it leads to in one of a few shapes, and the shape, not the name of
 * the service, tells it.
 */
final class RedirectLinks {
  private static final int MOST = 4;

  /** Last parts of addresses that only send one on. */
  private static final Set<String> LAST =
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
          "l",
          "jump",
          "go",
          "exit",
          "forward",
          "query",
          "clicktime",
          "leaving",
          "outgoing");

  /** Words in the name of a host whose business is to look links over. */
  private static final Pattern GUARD =
      Pattern.compile(
          "(?i)^https?://[^/?#]*(safelink|urldefen[cs]e|linkprotect|protect|redir|clicktime)");

  private static final Pattern WHOLE =
      Pattern.compile(
          "(?:^|&)(?:amp;)?[A-Za-z_]{1,20}=(https?(?:%3A|:)(?:%2F|/)[^&#]+)",
          Pattern.CASE_INSENSITIVE);

  /** A whole address in a part of the path, with its signs as per cents. */
  private static final Pattern IN_PATH =
      Pattern.compile("(?i)/(?:[a-z]{1,4}=)?(https?%3A%2F%2F[^/?#]+)");

  /** With dashes for the per cents, and low lines for the slashes. */
  private static final Pattern DASHED = Pattern.compile("(?i)[?&]u=(https?-3A__[^&#]+)");

  /** Between low lines in the path, with stars for the signs that stand behind it. */
  private static final Pattern STARRED =
      Pattern.compile("(?i)/__(https?:/.+?)__;([A-Za-z0-9_-]*)!");

  /** As letters that stand for bytes, perhaps behind a mark of two characters. */
  private static final Pattern LETTERS =
      Pattern.compile("[?&][A-Za-z]{1,3}=(?:[a-z]\\d)?(aHR0c[A-Za-z0-9+/_-]+={0,2})(?:[&#]|%3D|$)");

  private static final Pattern WEB = Pattern.compile("(?i)https?://[^\\s/?#]");

  private RedirectLinks() {}

  /** Where an address leads in the end, as far as it says so itself. */
  static String straight(String address) {
    // Nearly every address holds no other.
    if (address.indexOf("http", 4) < 0
        && address.indexOf("HTTP", 4) < 0
        && !address.contains("aHR0c")) {
      return address;
    }
    String now = address;
    for (int i = 0; i < MOST; i++) {
      Optional<String> next = inner(now);
      if (next.isEmpty()) {
        return now;
      }
      now = next.get();
    }
    return now;
  }

  private static Optional<String> inner(String address) {
    // What every shape must hold is cheaper to look for than the shape.
    Matcher starred = address.contains("/__") ? STARRED.matcher(address) : null;
    if (starred != null && starred.find()) {
      return starred(starred.group(1), starred.group(2));
    }
    Matcher dashed = address.contains("__") ? DASHED.matcher(address) : null;
    if (dashed != null && dashed.find()) {
      return decoded(dashed.group(1).replace('-', '%').replace('_', '/'));
    }
    Matcher letters = address.contains("aHR0c") ? LETTERS.matcher(address) : null;
    if (letters != null && letters.find()) {
      return bytesOf(letters.group(1));
    }
    int query = address.indexOf('?');
    String path = query < 0 ? address : address.substring(0, query);
    Matcher inPath = path.indexOf('%') > 0 ? IN_PATH.matcher(path) : null;
    if (inPath != null && inPath.find(Math.min(path.length(), 8))) {
      return decoded(inPath.group(1));
    }
    if (query < 0 || !(isDetour(path) || GUARD.matcher(path).find())) {
      return Optional.empty();
    }
    Matcher whole = WHOLE.matcher(address).region(query + 1, address.length());
    return whole.find() ? decoded(whole.group(1)) : Optional.empty();
  }

  private static boolean isDetour(String path) {
    String small = path.toLowerCase(Locale.ROOT);
    if (small.indexOf('#') >= 0 || !small.startsWith("http")) {
      return false;
    }
    int end = small.endsWith("/") ? small.length() - 1 : small.length();
    return LAST.contains(small.substring(small.lastIndexOf('/', end - 1) + 1, end));
  }

  private static Optional<String> decoded(String encoded) {
    try {
      return web(URLDecoder.decode(encoded.replace("+", "%2B"), StandardCharsets.UTF_8));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static Optional<String> bytesOf(String letters) {
    try {
      String plain = letters.replace('+', '-').replace('/', '_').replace("=", "");
      return web(new String(Base64.getUrlDecoder().decode(plain), StandardCharsets.UTF_8));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** Each star is the next of the signs; two stars and a letter are a run of as many as the letter counts. */
  private static Optional<String> starred(String address, String signs) {
    String bytes;
    try {
      bytes = new String(Base64.getUrlDecoder().decode(signs), StandardCharsets.UTF_8);
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
    String runs = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_";
    int[] all = bytes.codePoints().toArray();
    StringBuilder out = new StringBuilder();
    int next = 0;
    for (int i = 0; i < address.length(); i++) {
      if (address.charAt(i) != '*') {
        out.append(address.charAt(i));
        continue;
      }
      int many = 1;
      if (i + 2 < address.length() && address.charAt(i + 1) == '*') {
        many = runs.indexOf(address.charAt(i + 2)) + 2;
        i += 2;
      }
      for (int k = 0; k < many && next < all.length; k++) {
        out.appendCodePoint(all[next++]);
      }
    }
    // One of two slashes may have been taken for an empty part of the path.
    return web(out.toString().replaceFirst("^(https?:/)(?=[^/])", "$1/"));
  }

  private static Optional<String> web(String address) {
    boolean whole =
        WEB.matcher(address).lookingAt() && address.chars().noneMatch(Character::isISOControl);
    return whole ? Optional.of(address) : Optional.empty();
  }
}
