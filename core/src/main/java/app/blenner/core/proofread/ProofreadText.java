package app.blenner.core.proofread;

import app.blenner.core.document.Block;
import app.blenner.core.document.Code;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Marks;
import app.blenner.core.document.RawHtml;
import app.blenner.core.item.Content;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What of an item is read for its language, and what in it is not: code, addresses, placeholders, other languages. */
public final class ProofreadText {
  private static final Pattern ADDRESS =
      Pattern.compile(
          "(?:https?://|www\\.)\\S+|[\\w.+-]+@[\\w-]+(?:\\.[\\w-]+)+|[\\w-]+(?:\\.[\\w-]+)*\\.(?:org|com|net|example|html?|pdf|docx?|jpe?g|png|zip)\\b",
          Pattern.CASE_INSENSITIVE);

  private ProofreadText() {}

  /** Everything in an item that is to be read, each text once. */
  public static Set<ProofreadRequest> of(Content content, String siteLanguage) {
    String language = content.languageOn(siteLanguage);
    Set<ProofreadRequest> out = new LinkedHashSet<>();
    add(out, language, content.title());
    add(out, language, content.summary());
    content.body().each(block -> of(block, language, out));
    return out;
  }

  private static void of(Block block, String language, Set<ProofreadRequest> out) {
    if (isRead(block)) {
      add(out, language, Inlines.textOf(block.content()));
    }
  }

  private static void add(Set<ProofreadRequest> out, String language, String text) {
    if (text.length() <= ProofreadRequest.LONGEST
        && text.codePoints().anyMatch(Character::isLetter)) {
      out.add(new ProofreadRequest(language, text));
    }
  }

  /** Whether the running text of a block is language. */
  public static boolean isRead(Block block) {
    return !(block instanceof Code) && !(block instanceof RawHtml) && !block.content().isEmpty();
  }

  /** Whether some words of a block’s text are none of its language, so that nothing said of them counts. */
  public static boolean isLeftOut(List<Inline> content, int from, int to) {
    int at = 0;
    for (Inline inline : content) {
      int end = at + Inlines.textOf(List.of(inline)).length();
      if (at < to && from < end && isOther(inline)) {
        return true;
      }
      at = end;
    }
    return isAddress(Inlines.textOf(content), from, to);
  }

  private static boolean isOther(Inline inline) {
    Marks marks = inline.marks();
    return marks.all().contains(Mark.Plain.CODE)
        || marks.valueOf(Mark.Kind.LANGUAGE).isPresent()
        || marks.valueOf(Mark.Kind.MERGE_FIELD).isPresent();
  }

  /** Whether some characters of a text are part of an address or of the name of a file. */
  public static boolean isAddress(String text, int from, int to) {
    Matcher m = ADDRESS.matcher(text);
    while (m.find()) {
      if (m.start() < to && from < m.end()) {
        return true;
      }
    }
    return false;
  }
}
