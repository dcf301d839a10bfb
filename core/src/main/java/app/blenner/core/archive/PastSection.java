package app.blenner.core.archive;

import java.util.List;

/**
 * What was of a section once.
 *
 * @param slug its short name
 * @param gone whether it was given up
 * @param leadsTo where the addresses of one that was given up lead: the short name of another, or empty for the front page
 * @param addresses the addresses it had, by their lasting names, without its present one
 */
public record PastSection(String slug, boolean gone, String leadsTo, List<String> addresses) {
  public PastSection {
    addresses = List.copyOf(addresses);
  }
}
