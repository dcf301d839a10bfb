/**
 * The checks before going live. Each {@link app.blenner.core.preflight.Rule} is one small class that
 * looks at a {@link app.blenner.core.item.Content} and gives {@link
 * app.blenner.core.preflight.Finding}s; {@link app.blenner.core.preflight.Preflight} runs them all.
 */
package app.blenner.core.preflight;
