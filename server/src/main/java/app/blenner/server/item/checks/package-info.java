/** What is worked out from an item and kept beside it: above all what the rules find, which is looked at again when something else changes. */
package app.blenner.server.item.checks;
