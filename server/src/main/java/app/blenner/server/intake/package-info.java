/** Foreign text comes in here: from the clipboard, from files, from web addresses. */
package app.blenner.server.intake;
