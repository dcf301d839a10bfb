/**
 * The typed tree of a text.
 *
 * <p>Read in this order. A {@link app.blenner.core.document.Document} is a list of {@link
 * app.blenner.core.document.Block}s. A block holds either running text, as a list of {@link
 * app.blenner.core.document.Inline}s whose {@link app.blenner.core.document.Marks} say how they are
 * dressed, or further blocks, in one or more groups (the items of a list, the cells of a table). A
 * {@link app.blenner.core.document.BlockPath} names one block by its way down from the top.
 *
 * <p>Everything here is immutable and tidy by construction: two trees that say the same are equal.
 * White space is collapsed as HTML collapses it, equal neighbours are one run, and a paragraph or
 * heading without content does not exist. Editing is a function from tree to tree.
 *
 * <p>{@code docs/format.md} shows the HTML of each block and mark.
 */
package app.blenner.core.document;
