package app.blenner.core.archive;

import java.time.Instant;

/**
 * That somebody looked at something found in an item and wants it left as it is.
 *
 * @param finding the identity of what was found
 * @param reason why it is right as it is, or empty
 * @param by the name of the person
 * @param overruled whether it was done in spite of a rule that is required
 */
public record PackedDismissal(
    String finding, String reason, String by, Instant at, boolean overruled) {}
