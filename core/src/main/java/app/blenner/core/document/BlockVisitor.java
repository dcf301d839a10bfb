package app.blenner.core.document;

/**
 * One method for each kind of block. Code that must know every kind implements this, so that a new
 * kind fails to compile wherever it was forgotten.
 *
 * @param <R> what a visit gives
 */
public interface BlockVisitor<R> {
  R visitParagraph(Paragraph block);

  R visitHeading(Heading block);

  R visitBulletedList(BulletedList block);

  R visitNumberedList(NumberedList block);

  R visitQuote(Quote block);

  R visitPicture(Picture block);

  R visitGallery(Gallery block);

  R visitTable(Table block);

  R visitColumns(Columns block);

  R visitTextColumns(TextColumns block);

  R visitDivider(Divider block);

  R visitFold(Fold block);

  R visitEmbed(Embed block);

  R visitAudio(Audio block);

  R visitVideo(Video block);

  R visitDownload(Download block);

  R visitCallout(Callout block);

  R visitCode(Code block);

  R visitContactForm(ContactForm block);

  R visitItemList(ItemList block);

  R visitRelatedItems(RelatedItems block);

  R visitButtonLink(ButtonLink block);

  R visitJumpTarget(JumpTarget block);

  R visitLinkedPiece(LinkedPiece block);

  R visitPrompt(Prompt block);

  R visitRawHtml(RawHtml block);
}
