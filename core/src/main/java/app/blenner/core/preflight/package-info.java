/**
 * The checks before going live. Each of the {@link app.blenner.core.rule.Rule}s here is one small class;
 * {@link app.blenner.core.preflight.Preflight} runs them all, and {@link app.blenner.core.preflight.Noted} is
 * what is kept of what they found.
 */
package app.blenner.core.preflight;
