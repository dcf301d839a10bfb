package app.blenner.core.document;

import java.util.ArrayList;
import java.util.List;

/** All the words of a text that a reader sees, block by block. */
public final class RunningText implements BlockVisitor<Void> {
  private final List<String> pieces = new ArrayList<>();

  private RunningText() {}

  /** The words of a whole text; each piece is a paragraph, a heading, a caption and so on. */
  public static List<String> of(Document document) {
    return of(document.blocks());
  }

  /** The words of some blocks and all that is inside them. */
  public static List<String> of(List<Block> blocks) {
    RunningText text = new RunningText();
    text.all(blocks);
    return text.pieces;
  }

  private void all(List<Block> blocks) {
    blocks.forEach(b -> b.accept(this));
  }

  private Void inside(Block block) {
    block.groups().forEach(this::all);
    return null;
  }

  private Void add(List<Inline> content) {
    return add(Inlines.text(content));
  }

  private Void add(String piece) {
    if (!piece.isEmpty()) {
      pieces.add(piece);
    }
    return null;
  }

  @Override
  public Void paragraph(Paragraph block) {
    return add(block.content());
  }

  @Override
  public Void heading(Heading block) {
    return add(block.content());
  }

  @Override
  public Void bulletedList(BulletedList block) {
    return inside(block);
  }

  @Override
  public Void numberedList(NumberedList block) {
    return inside(block);
  }

  @Override
  public Void quote(Quote block) {
    inside(block);
    return add(block.attribution());
  }

  @Override
  public Void picture(Picture block) {
    add(block.caption());
    return add(block.credit());
  }

  @Override
  public Void gallery(Gallery block) {
    inside(block);
    return add(block.caption());
  }

  @Override
  public Void table(Table block) {
    add(block.caption());
    add(block.description());
    return inside(block);
  }

  @Override
  public Void columns(Columns block) {
    return inside(block);
  }

  @Override
  public Void textColumns(TextColumns block) {
    return inside(block);
  }

  @Override
  public Void divider(Divider block) {
    return null;
  }

  @Override
  public Void fold(Fold block) {
    return null;
  }

  @Override
  public Void embed(Embed block) {
    add(block.title());
    return add(block.caption());
  }

  @Override
  public Void audio(Audio block) {
    add(block.title());
    return add(block.caption());
  }

  @Override
  public Void video(Video block) {
    add(block.title());
    return add(block.caption());
  }

  @Override
  public Void download(Download block) {
    return add(block.label());
  }

  @Override
  public Void callout(Callout block) {
    return inside(block);
  }

  @Override
  public Void code(Code block) {
    return add(block.text());
  }

  @Override
  public Void contactForm(ContactForm block) {
    block.fields().forEach(f -> add(f.label()));
    return add(block.button());
  }

  @Override
  public Void itemList(ItemList block) {
    add(block.title());
    if (block.source() instanceof ItemList.Picked picked) {
      picked.items().forEach(i -> add(i.label()));
    }
    return null;
  }

  @Override
  public Void relatedItems(RelatedItems block) {
    add(block.title());
    block.items().forEach(i -> add(i.label()));
    return null;
  }

  @Override
  public Void buttonLink(ButtonLink block) {
    return add(block.label());
  }

  @Override
  public Void jumpTarget(JumpTarget block) {
    return null;
  }

  @Override
  public Void linkedPiece(LinkedPiece block) {
    return null;
  }

  @Override
  public Void prompt(Prompt block) {
    return null;
  }

  @Override
  public Void rawHtml(RawHtml block) {
    return add(RawMarkup.text(block.html()));
  }
}
