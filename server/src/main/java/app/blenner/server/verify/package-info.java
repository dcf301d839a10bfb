/** Holds what is kept against itself, for {@code ./blenner verify}. */
package app.blenner.server.verify;
