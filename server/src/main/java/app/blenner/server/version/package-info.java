/** States of items: each written once, known by its hash, and never changed. */
package app.blenner.server.version;
