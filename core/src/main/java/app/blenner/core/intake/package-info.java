/**
 * Foreign text in, a clean text and a report out.
 *
 * <p>{@link app.blenner.core.intake.Material} is what came: HTML, plain text, or both. {@link
 * app.blenner.core.intake.PasteMode} says how to take it, and {@link app.blenner.core.intake.Destination}
 * what it will join. {@link app.blenner.core.intake.Intake} has HTML cleaned by a row of {@code
 * CleaningStep}s ({@code HtmlCleaning}), each of which knows one way in which programs write, has it
 * read into a tree, and tidies that tree; plain text is read for what it is ({@code PlainIntake}). What
 * was kept and dropped on the way is told by {@link app.blenner.core.intake.Report}; what only looks like
 * headings, lists or page numbers is an {@link app.blenner.core.intake.Offer} and never forced. {@link
 * app.blenner.core.intake.FileIntake} does the same for files.
 */
package app.blenner.core.intake;
