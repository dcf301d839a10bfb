/** What runs by the clock, and the threads of what runs in the background. */
package app.blenner.server.schedule;
