/**
 * Office Open XML text files (ECMA-376, ISO/IEC 29500), in and out. {@link
 * app.blenner.core.format.docx.DocxReader} makes HTML of one, whose styles and numbering it looks up
 * in {@code DocxStyles} and {@code DocxNumbering}; {@link app.blenner.core.format.docx.DocxWriter}
 * writes a text as one.
 */
package app.blenner.core.format.docx;
