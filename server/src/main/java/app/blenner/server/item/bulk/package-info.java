/** Changes of several items at once: looked at before, followed while they are made, and taken back. */
package app.blenner.server.item.bulk;
