/**
 * Words, characters and names made from words. Boundaries are those of Unicode UAX #29, by way of
 * ICU.
 */
package app.blenner.core.language;
