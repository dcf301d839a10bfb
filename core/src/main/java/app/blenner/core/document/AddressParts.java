package app.blenner.core.document;

/**
 * The five parts of an address as the expression of RFC 3986, appendix B, tells them apart. A part that
 * is not there is null; the path always is, and may be empty.
 *
 * @param scheme what stands before the first colon
 * @param authority what stands between two slashes and the path
 * @param path the path
 * @param query what follows a question mark
 * @param fragment what follows a number sign
 */
record AddressParts(String scheme, String authority, String path, String query, String fragment) {

  /** Takes an address apart; every text is one. */
  static AddressParts of(String address) {
    int hash = address.indexOf('#');
    String fragment = hash < 0 ? null : address.substring(hash + 1);
    String rest = hash < 0 ? address : address.substring(0, hash);
    int mark = rest.indexOf('?');
    String query = mark < 0 ? null : rest.substring(mark + 1);
    rest = mark < 0 ? rest : rest.substring(0, mark);
    int colon = rest.indexOf(':');
    int slash = rest.indexOf('/');
    String scheme = null;
    if (colon > 0 && (slash < 0 || colon < slash)) {
      scheme = rest.substring(0, colon);
      rest = rest.substring(colon + 1);
    }
    if (!rest.startsWith("//")) {
      return new AddressParts(scheme, null, rest, query, fragment);
    }
    int end = rest.indexOf('/', 2);
    end = end < 0 ? rest.length() : end;
    return new AddressParts(scheme, rest.substring(2, end), rest.substring(end), query, fragment);
  }
}
