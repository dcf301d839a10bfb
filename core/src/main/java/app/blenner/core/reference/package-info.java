/** Codes in a text that become links when it is rendered, such as the number of a station. */
package app.blenner.core.reference;
