/** What rules find in everything live, and what they would find were they set otherwise. */
package app.blenner.server.report;
