/**
 * Things of other hosts shown within a page. A site lists the hosts it lets in ({@link
 * app.blenner.core.embed.EmbedHost}); {@link app.blenner.core.embed.Embedding} judges what somebody
 * pasted.
 */
package app.blenner.core.embed;
