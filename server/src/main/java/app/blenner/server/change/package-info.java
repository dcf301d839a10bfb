/** How parts of the server hear of what others changed. */
package app.blenner.server.change;
