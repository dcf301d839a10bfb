/** The site as a package: out, in, and the demo's first start. */
package app.blenner.server.archive;
