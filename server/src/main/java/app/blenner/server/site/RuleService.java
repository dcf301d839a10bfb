package app.blenner.server.site;

import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Standards;
import app.blenner.core.rule.StandardsData;
import app.blenner.server.digest.Sha256;
import app.blenner.server.problem.Problem;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What the site asks of its items. */
@Service
@Transactional
public class RuleService {
  private final SiteSettings settings;
  private final ObjectProvider<KindUses> uses;

  RuleService(SiteSettings settings, ObjectProvider<KindUses> uses) {
    this.settings = settings;
    this.uses = uses;
  }

  /** How rules are set. */
  @Transactional(readOnly = true)
  public Standards all() {
    String written = settings.get().rules;
    return written.isEmpty()
        ? Standards.USUAL
        : StandardsData.read(JsonMapper.shared().readValue(written, Map.class));
  }

  /** Another one whenever rules are set otherwise. */
  @Transactional(readOnly = true)
  String version() {
    return Sha256.of(settings.get().rules);
  }

  /** Sets rules otherwise, on top of what somebody has seen; all items are looked over anew. */
  void set(Standards standards, String seen) {
    settings.hold();
    if (!version().equals(seen)) {
      throw Problem.conflict(
          "Somebody else set rules in the meantime. Yours were not kept; look at theirs and set them again.",
          Map.of());
    }
    put(standards);
    uses.getObject().lookAnewAtAll();
  }

  /**
   * Looks whether rules could be set so.
   *
   * @throws Problem where they could not
   */
  public static void check(Standards standards) {
    List<String> problems = standards.problems(Preflight::rule);
    if (!problems.isEmpty()) {
      throw Problem.unusable(String.join(" ", problems));
    }
  }

  /** Sets rules otherwise; whoever does has the items looked over anew. */
  public void put(Standards standards) {
    check(standards);
    settings.change(
        s ->
            s.rules =
                standards.equals(Standards.USUAL)
                    ? ""
                    : JsonMapper.shared().writeValueAsString(StandardsData.write(standards)));
  }
}
