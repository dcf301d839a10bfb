/**
 * Habits of hand-made text, found and mended on demand. A {@link app.blenner.core.tidy.CleanUpRule} finds
 * its {@link app.blenner.core.tidy.Trace}s in a text and mends those it is told to; {@link
 * app.blenner.core.tidy.Tidy} asks all rules in turn. Adding a rule touches nothing else but the
 * list in {@code Tidy}.
 */
package app.blenner.core.tidy;
