package app.blenner.server.site;

import app.blenner.core.merge.MergeField;
import app.blenner.core.merge.MergeFields;
import app.blenner.server.problem.Problem;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The placeholders that the site has defined. */
@Service
@Transactional
public class MergeFieldService {
  private final SiteSettings settings;
  private final ObjectProvider<KindUses> uses;

  MergeFieldService(SiteSettings settings, ObjectProvider<KindUses> uses) {
    this.settings = settings;
    this.uses = uses;
  }

  /** All there are. */
  @Transactional(readOnly = true)
  public MergeFields all() {
    String written = settings.get().mergeFields;
    return written.isEmpty()
        ? MergeFields.NONE
        : new MergeFields(List.of(JsonMapper.shared().readValue(written, MergeField[].class)));
  }

  /** Gives the site others; its items are looked over again, since one of theirs may be gone. */
  public void set(List<MergeField> fields) {
    String problem = MergeFields.problemWith(fields);
    if (!problem.isEmpty()) {
      throw Problem.unusable(problem);
    }
    settings.change(
        s ->
            s.mergeFields = fields.isEmpty() ? "" : JsonMapper.shared().writeValueAsString(fields));
    uses.getObject().lookAnewAtAll();
  }
}
