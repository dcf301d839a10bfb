package app.blenner.core.document;

import java.util.Optional;

/** Helps somebody who types an address. */
public final class AddressAdvice {
  private AddressAdvice() {}

  /** The address meant: as typed, or with the scheme that was left out. */
  public static Optional<Address> complete(String given) {
    String s = given.strip();
    Optional<Address> asTyped = Address.parse(s);
    if (asTyped.isPresent()) {
      return asTyped;
    }
    if (s.matches("[^\\s@/]+@[^\\s@/]+\\.[^\\s@/]+")) {
      return Address.parse("mailto:" + s);
    }
    if (s.matches("\\+?[0-9][0-9 ().-]{4,}")) {
      return Address.parse("tel:" + s);
    }
    if (s.matches("(?s)[^\\s/:?#]+\\.[^\\s/:?#.]{2,}(:\\d+)?([/?#].*)?")) {
      return Address.parse("https://" + s);
    }
    return Optional.empty();
  }

  /** Why something is not an address, in a sentence. */
  public static String problemWith(String given) {
    String s = given.strip();
    if (s.isEmpty()) {
      return "Type where the link goes.";
    }
    if (s.length() > Address.MAX_LENGTH) {
      return "This address is longer than " + Address.MAX_LENGTH + " characters.";
    }
    if (s.matches("(?is)[a-z][a-z0-9+.-]*:.*") && !s.matches("(?is)(https?|mailto|tel):.*")) {
      String scheme = s.substring(0, s.indexOf(':'));
      return "Links that begin with “"
          + scheme
          + ":” are not taken. Use a web, mail or telephone"
          + " address.";
    }
    return "This is not an address. A web address looks like https://example.org/page, a mail"
        + " address like name@example.org.";
  }
}
