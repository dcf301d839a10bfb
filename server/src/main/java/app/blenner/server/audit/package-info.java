/** What was done to the site as a whole, and by whom: rows are added and read, and never changed or taken away. */
package app.blenner.server.audit;
