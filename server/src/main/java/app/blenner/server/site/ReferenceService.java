package app.blenner.server.site;

import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.reference.References;
import app.blenner.server.problem.Problem;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The codes in texts that lead somewhere. */
@Service
@Transactional
public class ReferenceService {
  private final SiteSettings settings;
  private final JsonMapper json;

  ReferenceService(SiteSettings settings, JsonMapper json) {
    this.settings = settings;
    this.json = json;
  }

  /** Those of the site, the one that holds first in front. */
  @Transactional(readOnly = true)
  public List<ReferenceLink> all() {
    String written = settings.get().referenceLinks;
    return written.isEmpty() ? List.of() : List.of(json.readValue(written, ReferenceLink[].class));
  }

  /** Gives the site others. */
  public void set(List<ReferenceLink> links) {
    check(links);
    settings.change(s -> s.referenceLinks = links.isEmpty() ? "" : json.writeValueAsString(links));
  }

  /** Throws what is wrong with some, in words. */
  static void check(List<ReferenceLink> links) {
    if (links.size() > References.MOST) {
      throw Problem.unusable("A site has at most " + References.MOST + " reference links.");
    }
    Set<String> names = new HashSet<>();
    for (ReferenceLink link : links) {
      String problem = References.problemWith(link);
      if (!problem.isEmpty()) {
        throw Problem.unusable(problem);
      }
      if (!names.add(link.name().toLowerCase(Locale.ROOT))) {
        throw Problem.unusable("Two reference links are called “" + link.name() + "”.");
      }
    }
  }
}
