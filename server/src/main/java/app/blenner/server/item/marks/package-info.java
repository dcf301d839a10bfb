/** What people do with the findings that are marked in a text: take a correction, leave it as it is, look again. */
package app.blenner.server.item.marks;
