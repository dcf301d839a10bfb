package app.blenner.core.intake;

/** How foreign text is taken. */
public enum PasteMode {
  /** Structure and emphasis stay, everything else goes. Plain text is read for what it is. */
  CLEAN,
  /** As clean, but colours, fonts, sizes and alignment stay. */
  FORMATTED,
  /** The characters only; each line becomes a paragraph. */
  PARAGRAPHS,
  /** The characters only; an empty line parts paragraphs, other line breaks stay. */
  LINES,
  /** The characters only; lines that belong together become one paragraph. */
  JOINED,
  /** The characters only, read as Markdown. */
  MARKDOWN
}
