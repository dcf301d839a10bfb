/**
 * What can go wrong, told in a sentence (RFC 9457), and the second try for two requests that
 * changed one thing in the same moment.
 */
package app.blenner.server.problem;
