/** The notebook of an item: loose notes, and what its text is to speak of. */
package app.blenner.server.notebook;
