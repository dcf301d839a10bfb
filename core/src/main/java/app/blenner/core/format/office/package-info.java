/**
 * What word processors' files have in common: a zip archive of XML parts. {@link
 * app.blenner.core.format.office.OfficeFile} opens one within limits, {@link
 * app.blenner.core.format.office.Xml} is an XML part read without following anything outside it, and
 * {@link app.blenner.core.format.office.WordText} is what a reader makes of one: HTML whose elements
 * say what each piece is.
 */
package app.blenner.core.format.office;
