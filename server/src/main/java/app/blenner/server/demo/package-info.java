/**
 * What a first start does: it opens the demo site, or shows the way to the first account.
 */
package app.blenner.server.demo;
