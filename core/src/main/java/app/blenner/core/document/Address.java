package app.blenner.core.document;

import java.net.IDN;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a link, picture or film points, in one canonical spelling that RFC 3986 allows.
 *
 * <p>Things inside the site are named relative to the file an item is kept in, {@code
 * ../items/KEY.html} and {@code ../assets/NAME}, so that a stored text still works as a file beside
 * the files it names. There is no form for any other scheme: an address that is not one of these
 * kinds does not exist here.
 */
public final class Address {

  /** What an address points to. */
  public enum Kind {
    /** A page elsewhere, {@code http} or {@code https}. */
    WEB,
    /** A mailbox, RFC 6068. */
    MAIL,
    /** A telephone, RFC 3966. */
    PHONE,
    /** An item of this site, perhaps a place within it. */
    ITEM,
    /** An asset of this site. */
    ASSET,
    /** A place within the same text. */
    PLACE,
    /** A path on this site that belongs to no item, such as a section's page. */
    PATH
  }

  /** Longest address that is taken, in characters. */
  public static final int MAX_LENGTH = 4000;

  private static final String UNRESERVED = "-._~";
  private static final String SUB_DELIMS = "!$&'()*+,;=";
  private static final String PATH_CHARS = UNRESERVED + SUB_DELIMS + ":@/";
  private static final String QUERY_CHARS = PATH_CHARS + "?";

  private static final Pattern AUTHORITY =
      Pattern.compile("(\\[[0-9A-Fa-f:.]+]|[^:@\\[\\]]+)(?::(\\d{0,5}))?");
  private static final Pattern HOST =
      Pattern.compile(
          "[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?(?:\\.[a-z0-9_](?:[a-z0-9_-]*[a-z0-9_])?)*+\\.?");
  private static final Pattern ITEM =
      Pattern.compile("\\.\\./items/([a-z0-9][a-z0-9-]{0,79})\\.html(?:#(.*))?");
  private static final Pattern ASSET =
      Pattern.compile("\\.\\./assets/([A-Za-z0-9][A-Za-z0-9._-]{0,119})");
  private static final Pattern MAILBOX =
      Pattern.compile("[^\\s@<>\"(),:;\\[\\]\\\\]+@[^\\s@<>\"(),:;\\[\\]\\\\]+");
  private static final Pattern PHONE =
      Pattern.compile("\\+?[0-9*#().-]*[0-9][0-9*#().-]*(;ext=[0-9]+)?");

  private final Kind kind;
  private final String value;

  /** Only {@link #canonical} makes addresses, so that there is no other spelling of one. */
  private Address(Kind kind, String value) {
    this.kind = kind;
    this.value = value;
  }

  /** What it points to. */
  public Kind kind() {
    return kind;
  }

  /** Its spelling, as it is in HTML. */
  public String value() {
    return value;
  }

  /** The host of a page of the web, with its port where it names one; empty for all others. */
  public String host() {
    return kind == Kind.WEB ? value.replaceFirst("^https?://([^/?#]*).*$", "$1") : "";
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Address a && kind == a.kind && value.equals(a.value);
  }

  @Override
  public int hashCode() {
    return value.hashCode();
  }

  @Override
  public String toString() {
    return "Address[kind=" + kind + ", value=" + value + "]";
  }

  /** The address of an asset. */
  public static Address ofAsset(String name) {
    return parse("../assets/" + name).orElseThrow(() -> new IllegalArgumentException(name));
  }

  /** The address of an item. */
  public static Address ofItem(String key) {
    return parse("../items/" + key + ".html").orElseThrow(() -> new IllegalArgumentException(key));
  }

  /** Whether this can be the key of an item. */
  public static boolean isItemKey(String key) {
    return ITEM.matcher("../items/" + key + ".html").matches() && key.indexOf('#') < 0;
  }

  /** Whether this can be the name of an asset. */
  public static boolean isAssetName(String name) {
    return ASSET.matcher("../assets/" + name).matches();
  }

  /**
   * Reads an address as it is in HTML or as somebody typed it.
   *
   * @return empty when it is none of the kinds
   */
  public static Optional<Address> parse(String given) {
    return canonical(given);
  }

  private static Optional<Address> canonical(String given) {
    if (given == null || given.length() > MAX_LENGTH) {
      return Optional.empty();
    }
    // Browsers drop these before they look at the scheme, and so must whoever judges it.
    String s = PlainText.legal(given).replace("\n", "").replace("\t", "").strip();
    Matcher item = s.startsWith("../items/") ? ITEM.matcher(s) : null;
    if (item != null && item.matches()) {
      String place = item.group(2) == null ? "" : "#" + encode(item.group(2), QUERY_CHARS);
      return Optional.of(new Address(Kind.ITEM, s.replaceFirst("(?s)#.*", "") + place));
    }
    if (s.startsWith("../assets/") && ASSET.matcher(s).matches()) {
      return Optional.of(new Address(Kind.ASSET, s));
    }
    if (s.startsWith("#") && s.length() > 1) {
      return Optional.of(new Address(Kind.PLACE, "#" + encode(s.substring(1), QUERY_CHARS)));
    }
    if (s.isEmpty()) {
      return Optional.empty();
    }
    AddressParts parts = AddressParts.of(s);
    String scheme = parts.scheme() == null ? "" : parts.scheme().toLowerCase(Locale.ROOT);
    return switch (scheme) {
      case "http", "https" -> web(scheme, parts);
      case "mailto" -> mailOf(parts);
      case "tel" -> phoneOf(parts);
      case "" -> sitePath(parts, s);
      default -> Optional.empty();
    };
  }

  private static Optional<Address> web(String scheme, AddressParts parts) {
    Matcher authority = AUTHORITY.matcher(parts.authority() == null ? "" : parts.authority());
    if (!authority.matches()) {
      return Optional.empty();
    }
    String host = host(authority.group(1));
    String port =
        authority.group(2) == null || authority.group(2).isEmpty() ? "" : ":" + authority.group(2);
    if (host == null || (port.length() > 1 && Integer.parseInt(port.substring(1)) > 65535)) {
      return Optional.empty();
    }
    return Optional.of(new Address(Kind.WEB, scheme + "://" + host + port + tailOf(parts)));
  }

  private static String host(String given) {
    if (given.startsWith("[")) {
      return given.toLowerCase(Locale.ROOT);
    }
    if (isPlainHost(given)) {
      return given;
    }
    try {
      String ascii = IDN.toASCII(given, IDN.ALLOW_UNASSIGNED).toLowerCase(Locale.ROOT);
      return HOST.matcher(ascii).matches() ? ascii : null;
    } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
      return null;
    }
  }

  /** Whether a host is small letters, digits and hyphens in labels that RFC 1034 allows already. */
  private static boolean isPlainHost(String host) {
    int label = 0;
    for (int i = 0; i < host.length(); i++) {
      char c = host.charAt(i);
      boolean letterOrDigit = (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9');
      boolean edge = label == 0 || i + 1 == host.length() || host.charAt(i + 1) == '.';
      if (c == '.' && label > 0 && i + 1 < host.length()) {
        label = 0;
      } else if (letterOrDigit || (c == '-' && !edge)) {
        label++;
        if (label > 63) {
          return false;
        }
      } else {
        return false;
      }
    }
    return label > 0 && host.length() <= 253 && !host.startsWith("xn--") && !host.contains(".xn--");
  }

  private static Optional<Address> mailOf(AddressParts parts) {
    String box = parts.path().strip();
    if (!MAILBOX.matcher(box).matches() || parts.authority() != null) {
      return Optional.empty();
    }
    String query = parts.query() == null ? "" : "?" + encode(parts.query(), QUERY_CHARS);
    return Optional.of(new Address(Kind.MAIL, "mailto:" + encode(box, PATH_CHARS) + query));
  }

  private static Optional<Address> phoneOf(AddressParts parts) {
    String number = parts.path().replaceAll("[\\s\\u00A0]", "");
    boolean plain = parts.authority() == null && parts.query() == null && parts.fragment() == null;
    return plain && PHONE.matcher(number).matches()
        ? Optional.of(new Address(Kind.PHONE, "tel:" + number))
        : Optional.empty();
  }

  private static Optional<Address> sitePath(AddressParts parts, String whole) {
    boolean rooted = parts.authority() == null && whole.startsWith("/") && !whole.startsWith("/\\");
    return rooted && !whole.startsWith("//")
        ? Optional.of(new Address(Kind.PATH, tailOf(parts)))
        : Optional.empty();
  }

  private static String tailOf(AddressParts parts) {
    return encode(parts.path(), PATH_CHARS)
        + (parts.query() == null ? "" : "?" + encode(parts.query(), QUERY_CHARS))
        + (parts.fragment() == null ? "" : "#" + encode(parts.fragment(), QUERY_CHARS));
  }

  /** Percent-encodes what RFC 3986 does not allow here, and leaves what is encoded already. */
  private static String encode(String part, String allowed) {
    int plain = 0;
    while (plain < part.length() && isAllowed(part.charAt(plain), allowed)) {
      plain++;
    }
    if (plain == part.length()) {
      return part;
    }
    StringBuilder out = new StringBuilder(part.length());
    for (byte b : part.getBytes(StandardCharsets.UTF_8)) {
      char c = (char) (b & 0xFF);
      if (c == '%' || isAllowed(c, allowed)) {
        out.append(c);
      } else {
        out.append(String.format("%%%02X", (int) c));
      }
    }
    return out.toString().replaceAll("%(?![0-9A-Fa-f]{2})", "%25");
  }

  private static boolean isAllowed(char c, String allowed) {
    return (c >= 'a' && c <= 'z')
        || (c >= 'A' && c <= 'Z')
        || (c >= '0' && c <= '9')
        || (c < 0x80 && allowed.indexOf(c) >= 0);
  }

  /** The key of the item, where it points to one. */
  public String itemKey() {
    Matcher m = ITEM.matcher(value);
    return m.matches() ? m.group(1) : "";
  }

  /** The name of the asset, where it points to one. */
  public String assetName() {
    return kind == Kind.ASSET ? value.substring("../assets/".length()) : "";
  }

  /** What follows the number sign, or empty. */
  public String place() {
    int hash = value.indexOf('#');
    return hash < 0 ? "" : value.substring(hash + 1);
  }
}
