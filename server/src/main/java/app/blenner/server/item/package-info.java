/**
 * Items: their working copies and live copies, the stage each has reached, the addresses that
 * belong to them, and the worklist in which they are found.
 */
package app.blenner.server.item;
