package app.blenner.server.revision;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;

/** What the editor shows of something that people change. Whoever changes it says which revision they saw. */
public interface Revised {

  /** Letters that are others whenever something of it is. */
  @JsonProperty(value = "revision", access = JsonProperty.Access.READ_ONLY)
  @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
  default String revision() {
    return Revision.of(this);
  }
}
