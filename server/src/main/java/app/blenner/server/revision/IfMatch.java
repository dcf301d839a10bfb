package app.blenner.server.revision;

import app.blenner.server.problem.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The states on which a change may build, as its request names them. Source: RFC 9110, section 13.1.1, If-Match. It is to
 * be checked in the transaction that makes the change: of two that were quick, the row's version lets one through, and the
 * other is asked again.
 *
 * @param tags the revisions; those that are marked as weak match nothing
 * @param any whether any state will do, as long as there is one
 */
@Schema(
    type = "string",
    description = "The revision that the change builds on, in quotation marks.")
public record IfMatch(Set<String> tags, boolean any) {

  /** Whatever is there, for who does not look first. */
  public static final IfMatch ANY = new IfMatch(Set.of(), true);

  /** What a header says. */
  public static IfMatch valueOf(String header) {
    if (header.strip().equals("*")) {
      return ANY;
    }
    return new IfMatch(
        Arrays.stream(header.split(","))
            .map(String::strip)
            .filter(t -> t.length() > 2 && t.startsWith("\"") && t.endsWith("\""))
            .map(t -> t.substring(1, t.length() - 1))
            .collect(Collectors.toSet()),
        false);
  }

  /**
   * Lets a change go on that builds on how something stands.
   *
   * @param what it is called in a sentence, such as “the menus”
   * @param now how it stands
   * @throws Problem a conflict that holds what it has become, where it stands otherwise
   */
  public void check(String what, Revised now) {
    if (!any && !tags.contains(now.revision())) {
      throw Problem.conflict(
          "Somebody else changed "
              + what
              + " in the meantime, so this was not done. Look at what they did, and do it again if you still want to.",
          Map.of("theirs", now, "revision", now.revision()));
    }
  }
}
