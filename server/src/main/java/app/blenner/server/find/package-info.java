/**
 * Finding items by words and by what they are: an index of full text beside the database, filled after each change, and made
 * again from the database whenever it is in doubt. It knows nothing of how items are kept; {@code FindSource} gives them.
 */
package app.blenner.server.find;
