/** Of several who change the same thing in the same state, one does; the others are told what it has become. */
package app.blenner.server.revision;
