package app.blenner.server.site;

import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Standards;
import app.blenner.core.rule.StandardsData;
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
  /** What was read last. Whoever looks items over compares it often, and the same one is soon compared. */
  private record Read(String written, Standards standards) {}

  private volatile Read last = new Read("", Standards.USUAL);
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
    if (written.isEmpty()) {
      return Standards.USUAL;
    }
    Read known = last;
    if (!known.written.equals(written)) {
      known =
          new Read(written, StandardsData.read(JsonMapper.shared().readValue(written, Map.class)));
      last = known;
    }
    return known.standards;
  }

  /** Sets rules otherwise; all items are looked over again. */
  void set(Standards standards) {
    putStandards(standards);
    uses.getObject().lookAnewAtAll();
  }

  /**
   * Looks whether rules could be set so.
   *
   * @throws Problem where they could not
   */
  public static void check(Standards standards) {
    List<String> problems = standards.problemsWith(Preflight::findRule);
    if (!problems.isEmpty()) {
      throw Problem.unusable(String.join(" ", problems));
    }
  }

  /** Sets rules otherwise; whoever does has the items looked over again. */
  public void putStandards(Standards standards) {
    check(standards);
    settings.change(
        s ->
            s.rules =
                standards.equals(Standards.USUAL)
                    ? ""
                    : JsonMapper.shared().writeValueAsString(StandardsData.write(standards)));
  }
}
