/** Items that come from a package or go into one. */
package app.blenner.server.item.transfer;
