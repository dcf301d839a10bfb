/** Rules that read more than the item: the clock, the files it shows, other items, and how places elsewhere answered. */
package app.blenner.core.preflight.context;
