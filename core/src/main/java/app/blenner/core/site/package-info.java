/**
 * The site as readers see it. A {@link app.blenner.core.site.PublishedItem} is at an address
 * ({@link app.blenner.core.site.SitePaths}) and appears in other places besides ({@link
 * app.blenner.core.site.Appearances}). {@link app.blenner.core.site.BodyRenderer} turns its text into
 * the HTML of a page, and {@link app.blenner.core.site.PageRenderer} makes whole pages, asking a
 * {@link app.blenner.core.site.Library} for what else there is.
 */
package app.blenner.core.site;
