/** Rules on language, of which those speak who know it: see {@link app.blenner.core.proofread}. */
package app.blenner.core.preflight.language;
