package app.blenner.server.site;

import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The kinds of item of the site. */
@Service
@Transactional
public class KindService {
  private static final int MOST = 50;

  /**
   * A kind and how it stands.
   *
   * @param items how many items are of it
   */
  public record Standing(Kind kind, long items) {}

  private final KindRepository kinds;

  /** What was read of which letters; a kind with other letters is another. */
  private final Cache<String, Kind> readAlready =
      Caffeine.newBuilder().maximumSize(2L * MOST).build();

  private final ObjectProvider<KindUses> uses;
  private final SettingsCache cache;
  private final ChangeBus changes;

  KindService(
      KindRepository kinds, ObjectProvider<KindUses> uses, SettingsCache cache, ChangeBus changes) {
    this.cache = cache;
    this.kinds = kinds;
    this.uses = uses;
    this.changes = changes;
  }

  /** All kinds, in the order they are offered. */
  @Transactional(readOnly = true)
  public List<Kind> all() {
    return cache.get("kinds", this::readAll);
  }

  private List<Kind> readAll() {
    List<KindEntity> kept = kinds.findAllByOrderByPlaceAscNameAsc();
    return kept.isEmpty() ? Kinds.STANDARD : kept.stream().map(this::read).toList();
  }

  /** The kind with this name; one that is not there any more is known by its name alone. */
  @Transactional(readOnly = true)
  public Kind kindNamed(String name) {
    return Kinds.byName(all(), name);
  }

  /** The kind that an item is to be of. */
  @Transactional(readOnly = true)
  public Kind requireKind(String name) {
    return all().stream()
        .filter(k -> k.name().equalsIgnoreCase(name))
        .findFirst()
        .orElseThrow(() -> Problem.unusable("There is no kind of item “" + name + "”."));
  }

  /** All kinds and how they stand. */
  @Transactional(readOnly = true)
  public List<Standing> standing() {
    return all().stream().map(k -> new Standing(k, uses.getObject().count(k.name()))).toList();
  }

  private Kind read(KindEntity entity) {
    return readAlready.get(
        entity.written, w -> Kinds.read(JsonMapper.shared().readValue(w, Map.class)));
  }

  private static KindEntity written(KindEntity entity, Kind kind) {
    entity.name = kind.name();
    entity.written = JsonMapper.shared().writeValueAsString(Kinds.write(kind));
    return entity;
  }

  /** Those that every site begins with are kept as soon as one of them is no longer as it was. */
  private void keepStandard() {
    if (kinds.count() == 0) {
      replaceAll(Kinds.STANDARD);
    }
  }

  /** Adds a kind. */
  public Kind add(Kind kind) {
    sound(kind);
    keepStandard();
    if (kinds.existsById(kind.name())) {
      throw Problem.conflict(
          "There is a kind with the short name “" + kind.name() + "” already.", Map.of());
    }
    if (kinds.count() >= MOST) {
      throw Problem.unusable("A site has at most " + MOST + " kinds of item.");
    }
    noneCalledSo(kind);
    KindEntity entity = written(new KindEntity(), kind);
    entity.place = (int) kinds.count();
    kinds.saveAndFlush(entity);
    changes.publish(new SiteChanged());
    return kind;
  }

  /** Changes a kind. What is in its items stays as it is, also where no field shows it any more. */
  public Kind change(String name, Kind kind) {
    sound(kind);
    if (!kind.name().equals(name)) {
      throw Problem.unusable("The short name of a kind stays; its items are known by it.");
    }
    keepStandard();
    KindEntity entity = get(name);
    noneCalledSo(kind);
    kinds.saveAndFlush(written(entity, kind));
    uses.getObject().lookAnew(kind);
    changes.publish(new SiteChanged());
    return kind;
  }

  /**
   * Takes a kind away.
   *
   * @param to the kind its items become; empty where it has none
   */
  public void delete(String name, String to) {
    keepStandard();
    KindEntity entity = get(name);
    if (kinds.count() == 1) {
      throw Problem.unusable("A site has at least one kind of item; this is its only one.");
    }
    long items = uses.getObject().count(name);
    if (items > 0 && to.isEmpty()) {
      throw Problem.conflict(
          (items == 1 ? "One item is" : items + " items are")
              + " of this kind. Say which kind they become; what was entered stays with them.",
          Map.of("items", items));
    }
    if (!to.isEmpty()) {
      if (to.equals(name)) {
        throw Problem.unusable("They are of this kind now; name another.");
      }
      uses.getObject().move(name, read(get(to)));
    }
    kinds.delete(entity);
    kinds.flush();
    changes.publish(new SiteChanged());
  }

  private KindEntity get(String name) {
    return kinds.findById(name).orElseThrow(() -> problemMissing(name));
  }

  static Problem problemMissing(String name) {
    return Problem.notThere("There is no kind of item “" + name + "” any more.");
  }

  private static void sound(Kind kind) {
    List<String> problems = Kinds.problemsWith(kind);
    if (!problems.isEmpty()) {
      throw Problem.unusable(String.join(" ", problems));
    }
  }

  private void noneCalledSo(Kind kind) {
    boolean taken =
        all().stream()
            .anyMatch(
                k -> !k.name().equals(kind.name()) && k.label().equalsIgnoreCase(kind.label()));
    if (taken) {
      throw Problem.unusable("There is a kind called “" + kind.label() + "” already.");
    }
  }

  /** Takes over the kinds of a package. */
  public void replaceAll(List<Kind> all) {
    // Not in a batch: some may be known to this transaction already.
    kinds.deleteAll();
    kinds.flush();
    List<KindEntity> entities = new ArrayList<>();
    for (Kind kind : all) {
      KindEntity entity = written(new KindEntity(), kind);
      entity.place = entities.size();
      entities.add(entity);
    }
    kinds.saveAllAndFlush(entities);
  }
}
