/**
 * The set-up of the site: its name, its sections, its house style, and what it has to do with
 * other hosts. Each has a service of its own.
 */
package app.blenner.server.site;
