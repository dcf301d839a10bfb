package app.blenner.core.document;

/**
 * One method for each kind of block. Code that must know every kind implements this, so that a new
 * kind fails to compile wherever it was forgotten.
 *
 * @param <R> what a visit gives
 */
public interface BlockVisitor<R> {
  R paragraph(Paragraph block);

  R heading(Heading block);

  R bulletedList(BulletedList block);

  R numberedList(NumberedList block);

  R quote(Quote block);

  R picture(Picture block);

  R gallery(Gallery block);

  R table(Table block);

  R columns(Columns block);

  R textColumns(TextColumns block);

  R divider(Divider block);

  R fold(Fold block);

  R embed(Embed block);

  R audio(Audio block);

  R video(Video block);

  R download(Download block);

  R callout(Callout block);

  R code(Code block);

  R contactForm(ContactForm block);

  R itemList(ItemList block);

  R relatedItems(RelatedItems block);

  R buttonLink(ButtonLink block);

  R jumpTarget(JumpTarget block);

  R linkedPiece(LinkedPiece block);

  R prompt(Prompt block);

  R rawHtml(RawHtml block);
}
