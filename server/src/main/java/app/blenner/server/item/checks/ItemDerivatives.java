package app.blenner.server.item.checks;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Severity;
import app.blenner.server.item.links.ItemTexts;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.KindService;
import app.blenner.server.version.Versions;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is worked out from a working copy and kept beside it: what is kept of its text, and what rules find in it. All of it
 * can be worked out again from the text at any time.
 */
@Component
@Transactional
public class ItemDerivatives {
  private final ItemRepository items;
  private final Versions versions;
  private final LiveCopyRepository liveCopies;
  private final ItemTexts texts;
  private final KindService kinds;
  private final ItemChecker checker;
  private final Dismissals dismissals;

  ItemDerivatives(
      ItemRepository items,
      Versions versions,
      LiveCopyRepository liveCopies,
      ItemTexts texts,
      KindService kinds,
      ItemChecker checker,
      Dismissals dismissals) {
    this.items = items;
    this.versions = versions;
    this.liveCopies = liveCopies;
    this.texts = texts;
    this.kinds = kinds;
    this.checker = checker;
    this.dismissals = dismissals;
  }

  /** Works all of it out from the working copy of an item. */
  public void note(ItemEntity item, Content content) {
    Kind kind = kinds.kindNamed(item.kind);
    texts.written(item.itemKey, false, kind, content);
    noteFindings(item, content, kind);
  }

  /**
   * Works out again what can have changed though the text has not: by another version of the program, another kind, or other
   * pieces. What readers see is looked at too.
   */
  public void noteAnew(String key, Content content, Kind kind) {
    texts.written(key, false, kind, content);
    if (items.isLive(key)) {
      liveCopies
          .findById(key)
          .ifPresent(copy -> texts.written(key, true, kind, versions.contentOf(copy.live)));
    }
  }

  /**
   * What is found in a state of an item, without what is left as it is in spite of a rule that is required. No transaction is
   * begun for it: looking takes long, and settings are at hand only for those who do not write.
   *
   * @param version the hash of the content
   */
  @Transactional(propagation = Propagation.SUPPORTS)
  public List<Finding> openFindings(String key, String version, Content content, Kind kind) {
    return dismissals.withoutOverruled(
        key, checker.findingsOf(key, version, content, kind), checker.settingsOf(kind));
  }

  /** Notes what the worklist tells of the working copy. */
  private void noteFindings(ItemEntity item, Content content, Kind kind) {
    List<Finding> findings = openFindings(item.itemKey, item.working, content, kind);
    item.mustFix = Preflight.count(findings, Severity.MUST_FIX);
    item.findings = StoredFinding.write(findings);
    item.findingsBy = Preflight.VERSION;
    item.differs =
        liveCopies.findById(item.itemKey).map(l -> !l.live.equals(item.working)).orElse(true);
  }

  /** Forgets all of it, since the item goes. */
  public void forget(String key) {
    texts.forgotten(key);
    dismissals.forget(key);
  }
}
