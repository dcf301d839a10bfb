package app.blenner.server.site;

/** Something that readers see has changed. */
public record SiteChanged() {}
