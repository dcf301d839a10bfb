package app.blenner.server.toolset;

import app.blenner.core.signoff.Role;
import app.blenner.core.toolset.Toolset;
import app.blenner.core.toolset.ToolsetData;
import app.blenner.core.toolset.Use;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.EditorChanged;
import app.blenner.server.site.KindService;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The toolsets of the site. */
@Service
@Transactional
public class ToolsetService {
  private static final int MOST = 50;

  private final ToolsetRepository toolsets;
  private final KindService kinds;
  private final ChangeBus changes;

  ToolsetService(ToolsetRepository toolsets, KindService kinds, ChangeBus changes) {
    this.toolsets = toolsets;
    this.kinds = kinds;
    this.changes = changes;
  }

  /** All of them, by what people call them. */
  @Transactional(readOnly = true)
  public List<Toolset> all() {
    return toolsets.findAllByOrderByLabelKey().stream().map(ToolsetService::read).toList();
  }

  /** The one that holds for a text; empty where every tool there is is offered. */
  @Transactional(readOnly = true)
  public Optional<Toolset> nearest(String kind, String field, Role role) {
    return Toolset.nearest(all(), kind, field, role);
  }

  private static Toolset read(ToolsetEntity entity) {
    return ToolsetData.read(JsonMapper.shared().readValue(entity.written, Map.class));
  }

  private ToolsetEntity written(ToolsetEntity entity, Toolset set) {
    List<String> problems = set.problems();
    if (!problems.isEmpty()) {
      throw Problem.unusable(String.join(" ", problems));
    }
    for (Toolset other : all()) {
      if (other.name().equals(set.name())) {
        continue;
      }
      if (other.label().equalsIgnoreCase(set.label())) {
        throw Problem.unusable("There is a toolset called “" + set.label() + "” already.");
      }
      set.shared(other)
          .ifPresent(
              use -> {
                throw Problem.unusable(
                    "“" + other.label() + "” holds for " + told(use) + " already.");
              });
    }
    entity.name = set.name();
    entity.labelKey = set.label().toLowerCase(Locale.ROOT);
    entity.written = JsonMapper.shared().writeValueAsString(ToolsetData.write(set));
    return entity;
  }

  private String told(Use use) {
    String whose =
        use.role() == null ? "" : " by " + use.role().label().toLowerCase(Locale.ROOT) + "s";
    if (use.kind().isEmpty()) {
      return "all texts" + whose;
    }
    String of = "texts of “" + kinds.kindNamed(use.kind()).label() + "”" + whose;
    return use.field().isEmpty() ? of : "the field “" + use.field() + "” of " + of;
  }

  Toolset add(Toolset set) {
    if (toolsets.existsById(set.name())) {
      throw Problem.conflict(
          "There is a toolset with the short name “" + set.name() + "” already.", Map.of());
    }
    if (toolsets.count() >= MOST) {
      throw Problem.unusable("A site has at most " + MOST + " toolsets.");
    }
    toolsets.saveAndFlush(written(new ToolsetEntity(), set));
    changes.publish(new EditorChanged());
    return set;
  }

  Toolset change(String name, Toolset set) {
    if (!set.name().equals(name)) {
      throw Problem.unusable("The short name of a toolset stays.");
    }
    ToolsetEntity entity = entity(name);
    toolsets.saveAndFlush(written(entity, set));
    changes.publish(new EditorChanged());
    return set;
  }

  Toolset delete(String name) {
    ToolsetEntity entity = entity(name);
    Toolset gone = read(entity);
    toolsets.delete(entity);
    toolsets.flush();
    changes.publish(new EditorChanged());
    return gone;
  }

  @Transactional(readOnly = true)
  Toolset get(String name) {
    return read(entity(name));
  }

  private ToolsetEntity entity(String name) {
    return toolsets
        .findById(name)
        .orElseThrow(() -> Problem.notThere("There is no toolset “" + name + "” any more."));
  }

  /** Takes over the toolsets of a package. */
  public void replaceAll(List<Toolset> all) {
    // Not in a batch: some may be known to this transaction already.
    toolsets.deleteAll();
    toolsets.flush();
    all.forEach(set -> toolsets.saveAndFlush(written(new ToolsetEntity(), set)));
    changes.publish(new EditorChanged());
  }
}
