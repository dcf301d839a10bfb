/** Texts read for their language by processes of their own, in the background, so that no save waits for them. */
package app.blenner.server.proofread;
