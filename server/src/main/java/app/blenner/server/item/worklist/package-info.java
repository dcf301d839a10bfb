/** Where items are found, counted and filtered. */
package app.blenner.server.item.worklist;
