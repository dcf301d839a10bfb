/** What readers see: live copies as pages and lists show them. */
package app.blenner.server.item.published;
