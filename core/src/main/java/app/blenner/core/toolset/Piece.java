package app.blenner.core.toolset;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a text can hold besides plain paragraphs. Each goes by the short name of the tool that makes it, so that a toolset
 * without that tool is one whose texts do not hold it.
 */
public enum Piece {
  HEADING_1("heading-1", "heading of level 1", "headings of level 1"),
  HEADING_2("heading-2", "heading of level 2", "headings of level 2"),
  HEADING_3("heading-3", "heading of level 3", "headings of level 3"),
  HEADING_4("heading-4", "heading of level 4", "headings of level 4"),
  HEADING_5("heading-5", "heading of level 5", "headings of level 5"),
  HEADING_6("heading-6", "heading of level 6", "headings of level 6"),
  BULLETED("bulleted", "bulleted list", "bulleted lists"),
  NUMBERED("numbered", "numbered list", "numbered lists"),
  QUOTE("quote", "quote", "quotes"),
  PULL_QUOTE("pull-quote", "pull quote", "pull quotes"),
  CODE_BLOCK("code-block", "code block", "code blocks"),
  CALLOUT("callout", "callout", "callouts"),
  TABLE("table", "table", "tables"),
  COLUMNS("columns", "row of columns", "rows of columns"),
  TEXT_COLUMNS("text-columns", "text set in columns", "texts set in columns"),
  DIVIDER("divider", "divider", "dividers"),
  FOLD("fold", "fold", "folds"),
  JUMP("jump", "jump target", "jump targets"),
  PICTURE("picture", "picture", "pictures"),
  GALLERY("gallery", "gallery", "galleries"),
  AUDIO("audio", "recording", "recordings"),
  VIDEO("video", "film", "films"),
  EMBED("embed", "embed", "embeds"),
  DOWNLOAD("download", "file download", "file downloads"),
  CONTACT_FORM("contact-form", "contact form", "contact forms"),
  ITEM_LIST("item-list", "item list", "item lists"),
  RELATED_ITEMS("related-items", "list of related items", "lists of related items"),
  BUTTON("button", "button link", "button links"),
  RAW_HTML("html", "piece of raw HTML", "pieces of raw HTML"),
  STRONG("strong", "passage in bold", "passages in bold"),
  EMPHASIS("emphasis", "passage in italics", "passages in italics"),
  UNDERLINE("underline", "underlined passage", "underlined passages"),
  STRIKETHROUGH("strikethrough", "struck passage", "struck passages"),
  SUPERSCRIPT("superscript", "raised passage", "raised passages"),
  SUBSCRIPT("subscript", "lowered passage", "lowered passages"),
  CODE("code", "passage of code", "passages of code"),
  LINK("link", "link", "links"),
  HIGHLIGHT("highlight", "highlight", "highlights"),
  COLOUR("colour", "colour", "colours"),
  FONT("type", "font", "fonts"),
  SIZE("type", "size of letters", "sizes of letters"),
  STYLE("type", "named style", "named styles"),
  ABBREVIATION("abbreviation", "abbreviation", "abbreviations"),
  LANGUAGE("language", "language of a phrase", "languages of phrases"),
  MERGE_FIELD("merge-field", "merge field", "merge fields"),
  ALIGN_LEFT("align-left", "alignment to the left", "alignments to the left"),
  ALIGN_CENTRE("align-centre", "centred paragraph", "centred paragraphs"),
  ALIGN_RIGHT("align-right", "alignment to the right", "alignments to the right"),
  ALIGN_JUSTIFIED("align-justified", "justified paragraph", "justified paragraphs"),
  INDENT("indent", "indent", "indents"),
  DROP_CAP("drop-cap", "drop cap", "drop caps");

  private static final Map<String, Piece> BY_NAME =
      Arrays.stream(values()).collect(Collectors.toMap(Enum::name, Function.identity()));

  private final String tool;
  private final String one;
  private final String many;

  Piece(String tool, String one, String many) {
    this.tool = tool;
    this.one = one;
    this.many = many;
  }

  /** The short name of the tool that makes it. */
  public String tool() {
    return tool;
  }

  /** So many of it, in words: “a table”, “3 tables”. */
  public String countOf(int number) {
    return number == 1
        ? ("aeiou".indexOf(one.charAt(0)) >= 0 ? "an " : "a ") + one
        : number + " " + many;
  }

  /** The piece that goes by the name of a kind of block, such as {@code ITEM_LIST} for an {@code ItemList}. */
  static Optional<Piece> nameOf(Class<?> block) {
    String words = block.getSimpleName().replaceAll("(?<=.)(?=[A-Z])", "_");
    return Optional.ofNullable(BY_NAME.get(words.toUpperCase(Locale.ROOT)));
  }

  /** The heading of a level, 1 to 6. */
  static Piece heading(int level) {
    return BY_NAME.get("HEADING_" + level);
  }

  /** The alignment, or none for the language's own side. */
  static Optional<Piece> align(Enum<?> align) {
    return Optional.ofNullable(BY_NAME.get("ALIGN_" + align.name()));
  }
}
