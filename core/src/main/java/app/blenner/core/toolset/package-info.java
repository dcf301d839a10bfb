/** Which tools a text offers to those who write it, and holding texts to that. */
package app.blenner.core.toolset;
