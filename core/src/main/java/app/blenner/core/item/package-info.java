/**
 * What an item is: its {@link app.blenner.core.item.Kind}, what people write in it ({@link
 * app.blenner.core.item.Content}), and the {@link app.blenner.core.item.Stage} it has reached.
 */
package app.blenner.core.item;
