/** What open screens ask every moment: whether something they show is another by now. */
package app.blenner.server.watch;
