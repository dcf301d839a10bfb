package app.blenner.core.tidy;

import app.blenner.core.document.Document;

/** One habit of hand-made text, how to find it and how to mend it. */
interface CleanUpRule {
  /** Asked at each place where a rule was found. */
  @FunctionalInterface
  interface Ask {
    /**
     * Whether to mend it.
     *
     * @param words the words it stands in; their letters tell it from other places
     * @param before what stands there
     * @param after what would stand there
     */
    boolean take(String words, String before, String after);
  }

  /** A short name that never changes. */
  String id();

  /** What it is, as people say it. */
  String label();

  /** Why it is better mended, in a sentence. */
  String why();

  /**
   * The text with this rule mended.
   *
   * @param language of the text, a BCP 47 tag
   * @param take only where it agrees is anything changed
   */
  Document mend(Document document, String language, Ask take);
}
