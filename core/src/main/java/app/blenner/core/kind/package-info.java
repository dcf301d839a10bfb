/**
 * Kinds of item and their fields, as data: what an item of a kind can carry is a setting of the site. A type of field is
 * one file here, which knows how its values are written, what is wrong with one, and how readers see it.
 */
package app.blenner.core.kind;
