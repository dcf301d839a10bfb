/**
 * Items, in rooms: {@code store} holds the rows; {@code links}, {@code addresses}, {@code words} and {@code checks} hold what
 * is noted of an item; {@code content} and {@code stages} change one; {@code bulk}, {@code bin} and {@code transfer} change
 * many; {@code worklist} and {@code published} show them to editors and to readers. A room uses only those before it.
 */
package app.blenner.server.item;
