/**
 * Texts as Markdown: CommonMark 0.31.2 with tables and strikethrough. What Markdown has no sign for
 * is in it as HTML, so nothing is lost on the way there and back.
 */
package app.blenner.core.format.markdown;
