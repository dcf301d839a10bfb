/** What becomes of markup that a person typed: the text it is read as, and what changes on the way. */
package app.blenner.core.format.markup;
