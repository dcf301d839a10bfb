package app.blenner.core.toolset;

/**
 * Something in a text that its toolset does not offer.
 *
 * @param piece what
 * @param value which colour, font, size, style, host or raw HTML; empty for what has no value
 */
public record PolicyViolation(Piece piece, String value) {}
