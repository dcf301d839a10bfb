package app.blenner.server.revision;

import app.blenner.server.digest.Sha256;
import com.fasterxml.jackson.annotation.JsonIgnore;
import tools.jackson.databind.json.JsonMapper;

/**
 * The letters that stand for a state. They follow from what is shown of it, so that parts of one row are told apart, and
 * what was set back to an earlier state counts as that state.
 */
public final class Revision {
  private static final int LENGTH = 16;

  /** What a state is made of is not told by its own revision. */
  private interface WithoutRevision {
    @JsonIgnore
    String revision();
  }

  private static final JsonMapper JSON =
      JsonMapper.shared().rebuild().addMixIn(Revised.class, WithoutRevision.class).build();

  private Revision() {}

  /** The revision of something that is made of this, in its order. */
  public static String of(Object... parts) {
    return Sha256.of(JSON.writeValueAsString(parts)).substring(0, LENGTH);
  }
}
