/** A program that reads texts for their spelling, grammar and style; it is asked and answers by its standard streams. */
package app.blenner.spelling;
