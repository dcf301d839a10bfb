/** Placeholders in texts that are filled in when a page is rendered. */
package app.blenner.core.merge;
