/**
 * How texts are set on pages: where lines break at the measures readers have, worked out with the widths of the very letters
 * that pages ship with, and by UAX #14, as browsers do it.
 */
package app.blenner.core.typeset;
