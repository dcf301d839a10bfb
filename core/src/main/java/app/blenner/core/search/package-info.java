/** What somebody who looks for words looks in. */
package app.blenner.core.search;
