/**
 * What finds and mends, as one family. A {@link app.blenner.core.rule.Rule} looks at a {@link
 * app.blenner.core.rule.Subject}, an item with all that rules ask of it worked out once, by its {@link
 * app.blenner.core.rule.Settings}, and gives {@link app.blenner.core.rule.Finding}s: where, what, and
 * the {@link app.blenner.core.rule.Fix}es that mend it and tell beforehand what they give. A {@link
 * app.blenner.core.rule.BlockRule} looks at one {@link app.blenner.core.rule.Passage} at a time, a block
 * of the text with what is inside it, which keeps what was found in it: while the block stays as it is,
 * nobody looks again. {@link app.blenner.core.rule.Passages} remembers the passages of texts that come by
 * often.
 */
package app.blenner.core.rule;
