package app.blenner.core.outside;

import java.time.Instant;

/**
 * What is known of a place elsewhere on the web.
 *
 * @param verdict whether readers who follow a link there find something
 * @param said how it answered, in a sentence
 * @param leadsTo the address that the place says is its lasting one by now, or empty
 * @param secure whether an address without encryption answers the same with it
 * @param asked when it was asked last
 */
public record LinkAnswer(
    Verdict verdict, String said, String leadsTo, boolean secure, Instant asked) {

  /** Whether readers find something at a place. */
  public enum Verdict {
    /** They do. */
    THERE,
    /** Somebody has to look: it refuses programs, or answers badly for the time being. */
    DOUBTFUL,
    /** They do not. */
    BROKEN
  }
}
