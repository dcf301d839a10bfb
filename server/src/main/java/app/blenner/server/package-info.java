/**
 * The server. One package for each area of the product holds its controller, service, entities and
 * repository together; areas talk through their services, and rules live in the core.
 */
package app.blenner.server;
