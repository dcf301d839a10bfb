/**
 * The path an item takes between its stages, as a state machine: which {@link
 * app.blenner.core.signoff.Action} leads from which stage to which, who may take it, and what holds
 * it back.
 * {@link app.blenner.core.signoff.Turn} tells each person whose turn it is.
 */
package app.blenner.core.signoff;
