/**
 * What a start does: it looks whether it can start at all and says in a sentence why not, fills the demo, and tells in the
 * terminal where to go.
 */
package app.blenner.server.start;
