package app.blenner.server.find;

/** The names of what the index knows of an item. */
final class IndexFields {
  static final String TITLE = "title";
  static final String SUMMARY = "summary";
  static final String HEADINGS = "headings";
  static final String KEYWORDS = "keywords";
  static final String WORDS = "words";
  static final String PARTS = "parts";
  static final String FOR_READERS = "for_readers";
  static final String KIND = "kind";
  static final String STAGE = "stage";
  static final String SECTION = "section";
  static final String TOPIC = "topic";
  static final String KEYWORD = "keyword";
  static final String AUTHOR = "author";
  static final String LANGUAGE = "language";
  static final String OWNER = "owner";
  static final String FOR_EDITORS = "for_editors";
  static final String FOR_OWNER = "for_owner";
  static final String MUST_FIX = "must_fix";
  static final String RULE = "rule";
  static final String AT = "at";
  static final String GROUP = "group";
  static final String STAMP = "stamp";
  static final String ORDER = "title_order";

  private IndexFields() {}

  /** The word forms of titles in a language. */
  static String titleOf(String language) {
    return "title_" + language;
  }

  /** The word forms of texts in a language. */
  static String wordsOf(String language) {
    return "words_" + language;
  }
}
