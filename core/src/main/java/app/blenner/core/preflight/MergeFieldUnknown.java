package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.RichTextField;
import app.blenner.core.merge.MergeFields;
import java.util.ArrayList;
import java.util.List;

/** Every merge field in the text is one that there is. */
public final class MergeFieldUnknown implements Rule {
  @Override
  public String id() {
    return "merge-field-unknown";
  }

  @Override
  public String why() {
    return "Readers would find a hole in the sentence where it stands: what is in it is never shown to them.";
  }

  @Override
  public String reference() {
    return "Common practice: what is filled in by itself needs something to be filled in with.";
  }

  @Override
  public String need(int count) {
    return count == 1
        ? "another word for an unknown merge field"
        : "other words for unknown merge fields";
  }

  @Override
  public List<Finding> check(Content content) {
    return List.of();
  }

  @Override
  public List<Finding> check(Content content, Kind kind, Surroundings around) {
    List<Finding> found = new ArrayList<>();
    content.body().walk((path, block) -> look(path, block, kind, around.fields(), found));
    kind.fields()
        .filter(f -> f instanceof RichTextField)
        .map(f -> f.head().name())
        .forEach(name -> field(name, content, kind, around.fields(), found));
    return found;
  }

  /** A formatted text of a field is told as a whole: there are no marks within it. */
  private void field(
      String name, Content content, Kind kind, MergeFields fields, List<Finding> found) {
    if (content.values().get(name) instanceof String html) {
      List<Finding> within = new ArrayList<>();
      HtmlReader.read(html).walk((path, block) -> look(path, block, kind, fields, within));
      within.stream()
          .findFirst()
          .map(
              f ->
                  Finding.onField(
                      this, f.level(), f.message(), FieldValues.PLACE + name, List.of()))
          .ifPresent(found::add);
    }
  }

  private void look(
      BlockPath path, Block block, Kind kind, MergeFields fields, List<Finding> found) {
    int at = 0;
    String before = null;
    for (Inline inline : block.content()) {
      int length = inline instanceof Text t ? t.text().length() : 1;
      String name = inline.marks().value(Mark.Kind.MERGE_FIELD, null);
      if (name != null && !name.equals(before) && !fields.knows(name, kind)) {
        found.add(
            new Finding(
                id(),
                Level.MUST_FIX,
                "There is no merge field “" + name + "” for this kind of item.",
                why(),
                "body",
                path,
                at,
                at + length,
                List.of(Fix.make("Take it out", c -> without(c, path, name)))));
      }
      before = name;
      at += length;
    }
  }

  private static Content without(Content content, BlockPath path, String name) {
    return content.withBody(
        content
            .body()
            .change(
                path,
                b ->
                    b.withContent(
                        b.content().stream()
                            .filter(i -> !name.equals(i.marks().value(Mark.Kind.MERGE_FIELD, null)))
                            .toList())));
  }
}
