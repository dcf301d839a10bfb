/**
 * Reading and writing the stored form of a text, which is HTML.
 *
 * <p>{@link app.blenner.core.format.html.HtmlWriter} writes the one canonical spelling of a tree;
 * {@link app.blenner.core.format.html.HtmlReader} reads any HTML whatever and keeps every word of it.
 * {@code docs/format.md} is the account of the form, and its examples are run as tests.
 */
package app.blenner.core.format.html;
