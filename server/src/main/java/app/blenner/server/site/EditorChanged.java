package app.blenner.server.site;

import app.blenner.server.change.Change;

/** Something changed that open benches show: what texts offer, what can be dropped into them. Readers see nothing of it. */
public record EditorChanged() implements Change {}
