/**
 * Foreign text in, a clean text and a report out.
 *
 * <p>{@link app.blenner.core.intake.Material} is what came: HTML, plain text, or both. {@link
 * app.blenner.core.intake.PasteMode} says how to take it. {@link app.blenner.core.intake.Intake} washes
 * the HTML by a row of {@code CleaningStep}s, each of which knows one habit of the programs that wrote it, has
 * it read into a tree, and tidies that tree. What was kept and dropped on the way is told by {@link
 * app.blenner.core.intake.Report}; lines that look like headings are offered as {@link
 * app.blenner.core.intake.HeadingCandidate}s and never forced.
 */
package app.blenner.core.intake;
