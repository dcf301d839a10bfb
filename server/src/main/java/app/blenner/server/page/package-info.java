/**
 * What readers get: the pages of the public site with the memory for them, the proof of an item,
 * the house style as a stylesheet, and the policy every page is sent with.
 */
package app.blenner.server.page;
