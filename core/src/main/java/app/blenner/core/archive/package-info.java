/**
 * A whole site as a folder of readable files: {@code site.yaml}, each item as an HTML file with its
 * fields in front, and the assets as files with what is known of them in {@code assets.yaml}. The
 * demo site is kept this way.
 */
package app.blenner.core.archive;
