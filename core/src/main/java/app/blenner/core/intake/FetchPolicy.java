package app.blenner.core.intake;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Which addresses of the web may be fetched.
 *
 * @param hosts host names, {@code *.name} for all below a name, {@code *} for every public host at the usual ports
 * @param own where Blenner itself is found, each a host with its port: nothing is fetched from there but what stands in for
 *     other services
 * @param anyPort whether every public host may be asked at any port, as where readers follow a link
 */
public record FetchPolicy(List<String> hosts, List<String> own, boolean anyPort) {
  /** Where pages that stand in for other services are found. */
  private static final String STAND_INS = "/site/stand-in/";

  /** Where Blenner itself is found nowhere. */
  public FetchPolicy(List<String> hosts) {
    this(hosts, List.of(), false);
  }

  public FetchPolicy {
    own = List.copyOf(own);
    hosts =
        hosts.stream()
            .map(h -> h.strip().toLowerCase(Locale.ROOT))
            .filter(h -> !h.isEmpty())
            .toList();
  }

  /** What is wrong with an entry of the list, in a sentence; empty where nothing is. */
  public static String problemWith(String entry) {
    String name = entry.strip();
    return name.matches(
            "(?i)\\*|(?:\\*\\.)?[a-z0-9](?:[a-z0-9-]*[a-z0-9])?(?:\\.[a-z0-9](?:[a-z0-9-]*[a-z0-9])?)*+(?::\\d{1,5})?|\\[?[0-9a-f:]+\\]?")
        ? ""
        : "“"
            + name
            + "” is no host. Write example.org, *.example.org for all below it, or * for every public one.";
  }

  /**
   * An address as it was typed, made whole.
   *
   * @throws IllegalArgumentException with a plain sentence, where it is none that may be fetched
   */
  public URI check(String typed) {
    String given = typed.strip();
    String whole =
        given.matches("(?i)[a-z][a-z0-9+.-]*:.*") && !given.matches("(?i)[^/]*:\\d+(/.*)?")
            ? given
            : "https://" + given;
    URI uri;
    try {
      uri = new URI(whole.replace(" ", "%20")).parseServerAuthority();
    } catch (URISyntaxException e) {
      throw new IllegalArgumentException(
          "This is no web address. One looks like https://example.org/page.");
    }
    String scheme = String.valueOf(uri.getScheme()).toLowerCase(Locale.ROOT);
    if (!scheme.equals("http") && !scheme.equals("https")) {
      throw new IllegalArgumentException(
          "Only addresses that begin with http:// or https:// can be fetched.");
    }
    if (uri.getHost() == null) {
      throw new IllegalArgumentException(
          "This is no web address. One looks like https://example.org/page.");
    }
    if (uri.getUserInfo() != null) {
      throw new IllegalArgumentException(
          "An address with a name and password in it is not fetched.");
    }
    String path = String.valueOf(uri.normalize().getPath());
    if (own.contains(bare(uri.getHost()) + ":" + portOf(uri))
        && !path.startsWith(STAND_INS)
        && !isRefusedAnyway(uri.getHost())) {
      throw new IllegalArgumentException(
          "This is a page of this site itself. Its text is among the items already.");
    }
    if (!names(uri.getHost()) && !hosts.contains("*")) {
      throw new IllegalArgumentException(
          "The set-up does not allow fetching from "
              + uri.getHost()
              + ". An editor can add it under Set-up.");
    }
    if (!allows(uri)) {
      throw new IllegalArgumentException(
          "The set-up allows fetching from " + uri.getHost() + " by another port only.");
    }
    return uri;
  }

  /** A host that is named with a port is asked at that port only, whatever else the list lets in. */
  private boolean allows(URI uri) {
    String host = bare(uri.getHost());
    int port = portOf(uri);
    List<String> named =
        hosts.stream().filter(h -> h.contains(":") && h.startsWith(host + ":")).toList();
    if (named.isEmpty()) {
      // What lets every host in means pages, and not whatever else listens there.
      return anyPort || names(host) || isRefusedAnyway(host) || port == 80 || port == 443;
    }
    return named.contains(host + ":" + port);
  }

  /** Whether a host is written as an address that is not for everybody, which is told when it is asked for. */
  private boolean isRefusedAnyway(String host) {
    String literal = bare(host);
    if (names(host)) {
      return false;
    }
    try {
      return literal.equals("localhost")
          || (literal.matches("[0-9.]+|[0-9a-f:.]*:[0-9a-f:.]*")
              && !isPublic(InetAddress.getByName(literal)));
    } catch (UnknownHostException e) {
      return true;
    }
  }

  /** The port of an address, also where it is not written. */
  public static int portOf(URI uri) {
    int usual = "https".equalsIgnoreCase(uri.getScheme()) ? 443 : 80;
    return uri.getPort() < 0 ? usual : uri.getPort();
  }

  private static String bare(String host) {
    return host.toLowerCase(Locale.ROOT).replaceAll("^\\[|\\]$", "").replaceFirst("\\.$", "");
  }

  /** Whether the list names this host itself, which then may also be a private one. */
  public boolean names(String host) {
    String name = bare(host);
    return hosts.stream()
        .anyMatch(
            h ->
                h.equals(name)
                    || h.matches(Pattern.quote(name) + ":\\d{1,5}")
                    || (h.startsWith("*.") && name.endsWith(h.substring(1))));
  }

  /**
   * Whether an address of the network is for everybody: none of this machine, of a local network, of
   * a carrier's, of documentation, or of a group. After the registries of special-purpose addresses
   * (RFC 6890 and the IANA lists it set up).
   */
  public static boolean isPublic(InetAddress address) {
    if (address.isAnyLocalAddress()
        || address.isLoopbackAddress()
        || address.isLinkLocalAddress()
        || address.isSiteLocalAddress()
        || address.isMulticastAddress()) {
      return false;
    }
    byte[] b = address.getAddress();
    return address instanceof Inet6Address ? isPublic6(b) : isPublic4(b, 0);
  }

  private static boolean isPublic4(byte[] b, int at) {
    int first = b[at] & 0xFF;
    int second = b[at + 1] & 0xFF;
    int third = b[at + 2] & 0xFF;
    return !(first == 0
        || first == 10
        || first == 127
        || first >= 224
        || (first == 100 && second >= 64 && second < 128)
        || (first == 169 && second == 254)
        || (first == 172 && second >= 16 && second < 32)
        || (first == 192 && second == 168)
        || (first == 192 && second == 0 && (third == 0 || third == 2))
        || (first == 192 && second == 88 && third == 99)
        || (first == 198 && (second == 18 || second == 19))
        || (first == 198 && second == 51 && third == 100)
        || (first == 203 && second == 0 && third == 113));
  }

  private static boolean isPublic6(byte[] b) {
    int first = b[0] & 0xFF;
    int second = b[1] & 0xFF;
    boolean zeros = true;
    for (int i = 0; i < 10; i++) {
      zeros &= b[i] == 0;
    }
    if (zeros) {
      // An address of version 4 within one of version 6, and ::1 and its like.
      return (b[10] & 0xFF) == 0xFF && (b[11] & 0xFF) == 0xFF && isPublic4(b, 12);
    }
    if (first == 0x00 && second == 0x64 && (b[2] & 0xFF) == 0xFF && (b[3] & 0xFF) == 0x9B) {
      return isPublic4(b, 12); // 64:ff9b::/96 leads to an address of version 4
    }
    if (first == 0x20 && second == 0x02) {
      return isPublic4(b, 2); // 2002::/16 holds one
    }
    boolean local = (first & 0xFE) == 0xFC;
    boolean documentation =
        first == 0x20 && second == 0x01 && (b[2] & 0xFF) == 0x0D && (b[3] & 0xFF) == 0xB8;
    boolean special = first == 0x20 && second == 0x01 && b[2] == 0 && (b[3] & 0xFF) < 2;
    return !local && !documentation && !special && (first & 0xE0) == 0x20;
  }
}
