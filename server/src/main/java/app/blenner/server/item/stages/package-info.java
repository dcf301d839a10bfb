/** The one way in which an item gets from stage to stage and to readers. */
package app.blenner.server.item.stages;
