package app.blenner.core.face;

import app.blenner.core.item.Content;
import app.blenner.core.kind.StandardFields;

/**
 * What lists of the site show of an item.
 *
 * @param picture name of an asset, or empty
 * @param title its title
 * @param text the text below it
 */
public record Teaser(FaceWords picture, FaceWords title, FaceWords text) {

  /** The teaser of an item. */
  public static Teaser of(Content content) {
    return new Teaser(
        FaceWords.orElse(
            StandardFields.textOf(content, StandardFields.TEASER_PICTURE),
            new FaceWords(content.leadPicture(), "the lead picture")),
        FaceWords.orElse(
            StandardFields.textOf(content, StandardFields.TEASER_TITLE),
            new FaceWords(content.title(), "the title")),
        FaceWords.orElse(
            StandardFields.textOf(content, StandardFields.TEASER_TEXT),
            new FaceWords(content.summary(), "the summary")));
  }
}
