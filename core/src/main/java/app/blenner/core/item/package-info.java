/**
 * What an item is: what people write in it ({@link
 * app.blenner.core.item.Content}), and the {@link app.blenner.core.item.Stage} it has reached.
 */
package app.blenner.core.item;
