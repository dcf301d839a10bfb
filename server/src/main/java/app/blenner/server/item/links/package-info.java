/** What items lead to and are made of: links from item to item, and snippets that stand in texts. */
package app.blenner.server.item.links;
