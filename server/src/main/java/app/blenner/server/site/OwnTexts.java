package app.blenner.server.site;

/** Moves the texts that pages of sections are composed of; the area of items answers it. */
public interface OwnTexts {

  /** Puts an item into a section, for readers too where whoever does it may publish there. */
  void moveInto(String section, String itemKey);
}
