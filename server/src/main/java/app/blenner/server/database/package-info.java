/** What the two databases Blenner runs on do not do alike by themselves. */
package app.blenner.server.database;
