package app.blenner.core.intake;

import java.util.List;

/**
 * Something that a foreign text leaves open, and that one press decides: what only looks like structure may be meant as
 * such, and nobody but a person can tell.
 *
 * @param kind what it is about
 * @param lines the lines it concerns
 */
public record Offer(Kind kind, List<Line> lines) {

  /** What can be offered. */
  public enum Kind {
    /** Lines that look like headings become headings. */
    HEADINGS,
    /** Lines with typed signs or numbers become lists. */
    LISTS,
    /** Page numbers and what is at the head or foot of every page go. */
    RUNNING_LINES
  }

  /**
   * A line it concerns.
   *
   * @param words what it says
   * @param about what would become of it and what speaks for it
   */
  public record Line(String words, String about) {}
}
