/** What the writing surface asks the core while somebody writes. */
package app.blenner.server.writing;
