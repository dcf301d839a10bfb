/**
 * What a text speaks of: {@link app.blenner.core.terms.WordForms} takes the forms of a language's
 * words together, and {@link app.blenner.core.terms.Terms} finds wanted words and phrases by them,
 * and those a text uses most.
 */
package app.blenner.core.terms;
