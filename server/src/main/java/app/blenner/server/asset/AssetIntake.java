package app.blenner.server.asset;

import app.blenner.core.document.PlainText;
import app.blenner.core.media.Description;
import app.blenner.server.asset.AssetViews.Added;
import app.blenner.server.asset.AssetViews.FileChoice;
import app.blenner.server.file.FileService;
import app.blenner.server.file.ReceivedFile;
import app.blenner.server.file.StoredFile;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings files in: content seen before is known again, and a name seen before is asked about. */
@Service
@Transactional(noRollbackFor = Problem.class)
class AssetIntake {
  /**
   * How a file is brought in.
   *
   * @param ask whether somebody is there who can choose where its name is there already; else both are kept
   * @param whole whether where and with what a picture was taken stays in it
   */
  record How(boolean ask, boolean whole) {}

  private final AssetService assets;
  private final AssetRepository repository;
  private final UseService uses;
  private final AssetEditing editing;
  private final FileService files;
  private final AssetGuard guard;

  AssetIntake(
      AssetService assets,
      AssetRepository repository,
      UseService uses,
      AssetEditing editing,
      FileService files,
      AssetGuard guard) {
    this.guard = guard;
    this.assets = assets;
    this.repository = repository;
    this.uses = uses;
    this.editing = editing;
    this.files = files;
  }

  /**
   * Takes a file in.
   *
   * @throws Problem a conflict that names both, where its name is there already with other content
   */
  Added add(Path coming, String name, String by, How how) {
    ReceivedFile taken = files.take(coming, name, how.whole());
    StoredFile file = taken.file();
    AssetEntity there = usable(file.hash());
    if (there != null) {
      there.binnedAt = null;
      return new Added(assets.viewOf(there.name), true, uses(there.name));
    }
    String wanted = AssetService.nameOf(file, name);
    if (how.ask() && repository.existsById(wanted)) {
      throw Problem.conflict(
          "There is a file of this name already, with something else in it.",
          Map.of(
              "existing", assets.viewOf(wanted),
              "uses", uses(wanted),
              "file", file.hash(),
              "name", name));
    }
    String made = assets.make(file, name, taken.said(), by).name();
    repository.findById(made).orElseThrow().whole = how.whole();
    return new Added(assets.viewOf(made), false, 0);
  }

  /**
   * Settles what becomes of a file that is in the store already.
   *
   * @param seen the asset of its name as somebody saw it, who has the file take its place
   */
  Added settle(FileChoice chosen, IfMatch seen, String by) {
    StoredFile file =
        files
            .find(chosen.file())
            .orElseThrow(
                () -> Problem.notThere("This file is not here any more; bring it in again."));
    String name = PlainText.toLine(chosen.name());
    String wanted = AssetService.nameOf(file, name);
    String made =
        switch (chosen.choice()) {
          case USE -> wanted;
          case BOTH -> assets.make(file, name, Description.NONE, by).name();
          case REPLACE -> {
            AssetView now = assets.viewOf(wanted);
            guard.needsRight(wanted);
            seen.check("“" + now.title() + "”", now);
            editing.replace(wanted, file, by);
            yield wanted;
          }
        };
    return new Added(assets.viewOf(made), false, uses(made));
  }

  /** The asset of a file; one in the bin only where whoever brings it in again may let readers see it. */
  private AssetEntity usable(String hash) {
    return repository.findAllByFile(hash).stream()
        .filter(a -> a.binnedAt == null || guard.mayChange(a.name))
        .min(Comparator.comparing((AssetEntity a) -> a.binnedAt != null).thenComparing(a -> a.name))
        .orElse(null);
  }

  private int uses(String name) {
    return uses.count(name);
  }
}
