/** Plain text in and out. */
package app.blenner.core.format.text;
