package app.blenner.core.intake;

import app.blenner.core.document.BlockPath;

/**
 * A paragraph that plays heading.
 *
 * @param path where it is in the clean text
 * @param words what it says
 * @param level the heading it would become
 * @param because what speaks for it: “bold, short, larger than the text”
 */
public record HeadingCandidate(BlockPath path, String words, int level, String because) {}
