package app.blenner.server.archive;

import app.blenner.core.archive.PackedOutline;
import app.blenner.core.archive.SetUpFile;
import app.blenner.core.archive.SitePackage;
import app.blenner.core.kind.Kind;
import app.blenner.core.site.Site;
import app.blenner.core.toolset.Toolset;
import app.blenner.server.outline.OutlineService;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.HouseStyleService;
import app.blenner.server.site.KindService;
import app.blenner.server.site.MergeFieldService;
import app.blenner.server.site.ReferenceService;
import app.blenner.server.site.RuleService;
import app.blenner.server.site.SiteService;
import app.blenner.server.toolset.ToolsetService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The set-up of a site as a file, out and in. */
@Service
@Transactional
class SetUpTransfer {
  /**
   * What became of a set-up that was brought in.
   *
   * @param changed its parts that hold now, in words
   * @param unknown names in it that are no part of a set-up
   */
  record SetUpBrought(List<String> changed, List<String> unknown) {}

  private final SiteService sites;
  private final HouseStyleService houseStyle;
  private final ExternalService external;
  private final KindService kinds;
  private final ToolsetService toolsets;
  private final MergeFieldService fields;
  private final ReferenceService references;
  private final RuleService rules;
  private final OutlineService outlines;

  SetUpTransfer(
      SiteService sites,
      HouseStyleService houseStyle,
      ExternalService external,
      KindService kinds,
      ToolsetService toolsets,
      MergeFieldService fields,
      ReferenceService references,
      RuleService rules,
      OutlineService outlines) {
    this.sites = sites;
    this.houseStyle = houseStyle;
    this.external = external;
    this.kinds = kinds;
    this.toolsets = toolsets;
    this.fields = fields;
    this.references = references;
    this.rules = rules;
    this.outlines = outlines;
  }

  @Transactional(readOnly = true)
  String write() {
    return SetUpFile.write(
        new SitePackage(
            sites.site(),
            List.of(),
            houseStyle.get(),
            external.embedHosts(),
            external.contactAddress(),
            external.fetchHosts(),
            toolsets.all(),
            List.of(),
            List.of(),
            outlines.all(),
            List.of(),
            List.of()));
  }

  /** Takes over the parts that a file has; all of them or, where one cannot be, none. */
  SetUpBrought bring(String yaml) {
    SetUpFile file;
    try {
      file = SetUpFile.read(yaml);
    } catch (IllegalArgumentException e) {
      throw Problem.unusable(e.getMessage());
    }
    Site now = sites.site();
    List<String> changed = new ArrayList<>();
    bringSite(file, now, changed);
    bringDealings(file, changed);
    bringTexts(file, changed);
    // Last, since it has all items looked over again.
    if (file.has("merge-fields") || file.has("kinds") || file.has("rules")) {
      fields.set(file.has("merge-fields") ? file.site().fields().own() : now.fields().own());
      if (file.has("merge-fields")) {
        changed.add("merge fields");
      }
    }
    return new SetUpBrought(changed, file.unknown());
  }

  /** What the site is called, what can be written in it, and how it looks. */
  private void bringSite(SetUpFile file, Site now, List<String> changed) {
    Site given = file.site();
    if (file.has("name") || file.has("tagline") || file.has("language")) {
      sites.name(
          file.has("name") ? given.name() : now.name(),
          file.has("tagline") ? given.tagline() : now.tagline(),
          file.has("language") ? given.language() : now.language());
      changed.add("the site");
    }
    if (file.has("address")) {
      sites.address(given.address());
      changed.add("the address of the site");
    }
    if (file.has("kinds")) {
      kinds.replaceAll(List.copyOf(over(now.kinds(), given.kinds(), Kind::name)));
      changed.add("kinds and fields");
    }
    if (file.has("toolsets")) {
      toolsets.replaceAll(over(toolsets.all(), file.toolsets(), Toolset::name));
      changed.add("toolsets");
    }
    if (file.has("reference-links")) {
      references.set(given.references());
      changed.add("reference links");
    }
    if (file.has("house")) {
      houseStyle.set(file.house());
      changed.add("the house style");
    }
  }

  /** What the site has to do with others. */
  private void bringDealings(SetUpFile file, List<String> changed) {
    if (file.has("embed-hosts")) {
      external.embedHosts(file.embedHosts());
      changed.add("hosts of embeds");
    }
    if (file.has("fetch-hosts")) {
      external.fetchHosts(file.fetchHosts());
      changed.add("hosts to fetch from");
    }
    if (file.has("contact-address")) {
      external.contactAddress(file.contactAddress());
      changed.add("where messages go");
    }
  }

  /** What texts begin with, and what is asked of them. */
  private void bringTexts(SetUpFile file, List<String> changed) {
    if (file.has("outlines")) {
      file.outlines().forEach(this::outline);
      changed.add("outlines and snippets");
    }
    if (file.has("rules")) {
      rules.putStandards(file.site().standards());
      changed.add("rules");
    }
  }

  private void outline(PackedOutline packed) {
    outlines.addOrChange(packed);
  }

  /** What there is, with what is given in place of what has the same name, and the rest behind. */
  private static <T> List<T> over(
      List<T> there, List<T> given, java.util.function.Function<T, String> name) {
    Map<String, T> all = new LinkedHashMap<>();
    there.forEach(t -> all.put(name.apply(t), t));
    given.forEach(t -> all.put(name.apply(t), t));
    return List.copyOf(all.values());
  }
}
