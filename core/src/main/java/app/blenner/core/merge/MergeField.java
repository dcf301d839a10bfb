package app.blenner.core.merge;

import app.blenner.core.document.PlainText;

/**
 * A placeholder that a site has defined.
 *
 * @param name its short name, as it is in texts
 * @param label what people call it
 * @param source what it is filled with
 * @param text the words it is filled with, where it is filled with words
 * @param form how a day is written, where it is filled with one
 */
public record MergeField(String name, String label, Source source, String text, DateForm form) {

  /** What a placeholder is filled with. */
  public enum Source {
    /** Words that are the same everywhere. */
    TEXT,
    /** The day on which somebody reads it. */
    TODAY,
    /** The day on which readers first saw the item. */
    PUBLISHED,
    /** The day on which readers first saw this text of it. */
    UPDATED
  }

  public MergeField {
    label = PlainText.toLine(label);
    text = PlainText.toLine(text);
    form = form == null ? DateForm.LONG : form;
  }
}
