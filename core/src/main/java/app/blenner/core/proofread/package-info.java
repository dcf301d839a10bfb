/**
 * What those say who know a language: faults of spelling, of grammar and of style in running text. They know it by heavy
 * dictionaries and stand in a process of their own; here is what is asked of them, and in what form.
 */
package app.blenner.core.proofread;
