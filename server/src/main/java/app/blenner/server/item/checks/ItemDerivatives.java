package app.blenner.server.item.checks;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.piece.Pieces;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Severity;
import app.blenner.server.asset.UseService;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.item.words.WordsInUse;
import app.blenner.server.site.KindService;
import app.blenner.server.version.Versions;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is worked out from a working copy and kept beside it, so that lists, search and other items need not read its text:
 * its words, what it uses and leads to, what it says of itself, and what rules find in it. All of it can be worked out again
 * from the text at any time.
 */
@Component
@Transactional
public class ItemDerivatives {
  private final ItemRepository items;
  private final Versions versions;
  private final LiveCopyRepository liveCopies;
  private final WordsInUse wordsInUse;
  private final UseService uses;
  private final LinkedPieces pieces;
  private final ItemLinks links;
  private final RuleContextService ruleContexts;
  private final KindService kinds;
  private final ItemChecker checker;
  private final Dismissals dismissals;

  ItemDerivatives(
      ItemRepository items,
      Versions versions,
      LiveCopyRepository liveCopies,
      WordsInUse wordsInUse,
      UseService uses,
      LinkedPieces pieces,
      ItemLinks links,
      RuleContextService ruleContexts,
      KindService kinds,
      ItemChecker checker,
      Dismissals dismissals) {
    this.items = items;
    this.versions = versions;
    this.liveCopies = liveCopies;
    this.wordsInUse = wordsInUse;
    this.uses = uses;
    this.pieces = pieces;
    this.links = links;
    this.ruleContexts = ruleContexts;
    this.kinds = kinds;
    this.checker = checker;
    this.dismissals = dismissals;
  }

  /** Works all of it out from the working copy of an item. */
  public void note(ItemEntity item, Content content) {
    String key = item.itemKey;
    Kind kind = kinds.kindNamed(item.kind);
    Content whole = pieces.withPieces(content);
    pieces.note(key, false, content);
    uses.note(key, false, kind.usesOf(whole));
    noteWhatItSays(key, content, kind);
    noteFindings(item, content, kind);
  }

  private void noteWhatItSays(String key, Content content, Kind kind) {
    ruleContexts.note(key, content);
    wordsInUse.note(key, content);
    links.note(key, false, kind, content);
  }

  /**
   * Works out again what can have changed though the text has not: by another version of the program, another kind, or other
   * pieces. What readers see is looked at too.
   */
  public void noteAnew(String key, Content content, Kind kind) {
    noteWhatItSays(key, content, kind);
    // Which files it shows is also what its pieces hold.
    if (!Pieces.keysIn(content.body()).isEmpty()) {
      uses.note(key, false, kind.usesOf(pieces.withPieces(content)));
    }
    boolean linksForReaders = items.isLive(key);
    boolean usesForReaders = pieces.areLinkedForReaders(key);
    if (linksForReaders || usesForReaders) {
      liveCopies
          .findById(key)
          .map(copy -> versions.contentOf(copy.live))
          .ifPresent(
              live -> {
                if (linksForReaders) {
                  links.note(key, true, kind, live);
                }
                if (usesForReaders) {
                  uses.note(key, true, kind.usesOf(pieces.withPieces(live)));
                }
              });
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
    uses.forget(key);
    ruleContexts.forget(key);
    wordsInUse.forget(key);
    pieces.forget(key);
    links.forget(key);
    dismissals.forget(key);
  }
}
