/** Rules that hold only where a house sets them: lengths, counts, what must be there, and its own words. */
package app.blenner.core.preflight.house;
