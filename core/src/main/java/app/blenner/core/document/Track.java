package app.blenner.core.document;

/**
 * A WebVTT track of captions.
 *
 * @param source the asset
 * @param language its BCP 47 tag
 */
public record Track(Address source, String language) {

  public Track {
    if (source == null || source.kind() != Address.Kind.ASSET) {
      throw new IllegalArgumentException("not the address of an asset: " + source);
    }
    String known = MarkValues.toLanguage(PlainText.toLine(language));
    language = known == null ? "en" : known;
  }
}
