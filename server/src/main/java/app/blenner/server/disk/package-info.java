/**
 * The disk the data lies on: told before it is full, refused in words once it is, and never the end of reading. A database
 * that fails in the middle of writing closes itself; so nothing is begun that may not end, and what was begun waits for
 * room that is kept aside for it.
 */
package app.blenner.server.disk;
