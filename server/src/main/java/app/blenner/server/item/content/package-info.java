/** Working copies: writing, keeping and comparing them, and how an item stands for whoever looks at it. */
package app.blenner.server.item.content;
