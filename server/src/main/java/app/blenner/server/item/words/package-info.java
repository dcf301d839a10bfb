/** The words of items: those they are found by, and the keywords and authors that are offered while somebody types. */
package app.blenner.server.item.words;
