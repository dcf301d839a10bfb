/**
 * OpenDocument text files (OASIS OpenDocument 1.3, ISO/IEC 26300), in and out. {@link
 * app.blenner.core.format.odt.OdtReader} makes HTML of one, whose styles it looks up in {@code
 * OdtStyles}; {@link app.blenner.core.format.odt.OdtWriter} writes a text as one.
 */
package app.blenner.core.format.odt;
