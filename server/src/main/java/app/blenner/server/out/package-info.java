/** Texts go out from here: as HTML, Markdown, plain text and word-processor files. */
package app.blenner.server.out;
