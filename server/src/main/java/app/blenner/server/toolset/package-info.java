/** Which tools texts offer to those who write them. */
package app.blenner.server.toolset;
