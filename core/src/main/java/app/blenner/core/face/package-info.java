/** The ways an item is seen elsewhere than on its own page: in lists, among what a search engine finds, and as a shared link. */
package app.blenner.core.face;
