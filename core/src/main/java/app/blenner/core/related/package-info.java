/** What items have in common. */
package app.blenner.core.related;
