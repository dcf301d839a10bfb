package app.blenner.core.format.docx;

/**
 * What a part refers to.
 *
 * @param target an address, or the name of a part
 * @param outside whether it is an address outside the file
 */
record DocxLink(String target, boolean outside) {}
