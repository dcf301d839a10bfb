package app.blenner.core.archive;

import java.time.Instant;

/**
 * A visitor's message.
 *
 * @param item key of the item whose form it came by
 * @param title what the item was called then
 * @param received when it came
 * @param answers what was asked and answered, as JSON
 * @param letter the letter that would go out, as JSON
 * @param read whether somebody has read it
 */
public record PackedMessage(
    String item, String title, Instant received, String answers, String letter, boolean read) {}
