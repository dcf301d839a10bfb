/** Places elsewhere on the web that items lead to: which there are, and whether they answer. */
package app.blenner.server.outside;
