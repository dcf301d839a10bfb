/**
 * Stored pictures and files: their bytes, what is said of them, and the addresses readers fetch
 * them from.
 */
package app.blenner.server.asset;
