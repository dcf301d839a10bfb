/** Outlines: starting structures with prompts that say what to write. */
package app.blenner.server.outline;
