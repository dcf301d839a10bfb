package app.blenner.core.face;

import app.blenner.core.item.Content;

/**
 * What programs for messages show of a link to an item. Source: the Open Graph protocol, whose properties have these.
 *
 * @param picture name of an asset, or empty
 * @param title its title
 * @param text the text below it
 */
public record SharedLink(FaceWords picture, FaceWords title, FaceWords text) {

  /** The shared link of an item: what its teaser says, since it stands among other things just so. */
  public static SharedLink of(Content content) {
    Teaser teaser = Teaser.of(content);
    return new SharedLink(
        told(teaser.picture(), "the teaser’s picture"),
        told(teaser.title(), "the teaser’s title"),
        told(teaser.text(), "the teaser’s text"));
  }

  private static FaceWords told(FaceWords said, String from) {
    return said.from().isEmpty() ? new FaceWords(said.words(), from) : said;
  }
}
