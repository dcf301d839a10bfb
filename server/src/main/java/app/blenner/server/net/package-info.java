/**
 * The edge of the server, before anything of Blenner's own runs: who is let in and how many at once, how slowly somebody may
 * send, which proxy is believed, the number every request has, and what is answered where nothing else answers.
 */
package app.blenner.server.net;
