/** Hashes, for what is known by its bytes and for secrets of which only the hash is kept. */
package app.blenner.server.digest;
