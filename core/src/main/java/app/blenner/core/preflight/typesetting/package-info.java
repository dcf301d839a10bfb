/** Rules on how texts are set where readers see them: see {@link app.blenner.core.typeset}. */
package app.blenner.core.preflight.typesetting;
