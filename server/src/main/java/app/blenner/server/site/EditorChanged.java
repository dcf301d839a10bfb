package app.blenner.server.site;

/** Something changed that open benches show: what texts offer, what can be dropped into them. Readers see nothing of it. */
public record EditorChanged() {}
