/** The rows of items and live copies. Only the rooms beside this one may use them; other areas ask the services of those rooms. */
package app.blenner.server.item.store;
