/** What was thrown away, until it goes for good. */
package app.blenner.server.item.bin;
