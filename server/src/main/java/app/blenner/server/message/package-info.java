/** Messages that visitors leave through the forms of the site, and the inbox they arrive in. */
package app.blenner.server.message;
