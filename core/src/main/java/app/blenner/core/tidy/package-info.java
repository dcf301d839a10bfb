/**
 * Habits of hand-made text, found and mended on demand. Each is a {@link app.blenner.core.rule.Rule} of the one family
 * that knows how to mend all it finds; {@link app.blenner.core.tidy.Tidy} asks them in turn and mends what somebody chose.
 * Adding one touches nothing else but the list in {@code Tidy}.
 */
package app.blenner.core.tidy;
