package app.blenner.server.item.checks;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.language.ProofreadRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.site.Site;
import app.blenner.server.item.links.LinkedPieces;
import app.blenner.server.site.SiteService;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * What rules find in items. A text is looked at once, however often it is asked for, as long as nothing around it changes;
 * and of one that was changed, only the blocks that were.
 */
@Component
public class ItemChecker {
  /** As many as dozens of people have open. */
  private static final int REMEMBERED = 500;

  private record Look(String version, RuleContext ruleContexts, Settings settings) {}

  private final Cache<Look, List<Finding>> found =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();
  private final PassageCache passages = new PassageCache();
  private final SiteService sites;
  private final LinkedPieces pieces;
  private final RuleContextService ruleContexts;

  ItemChecker(SiteService sites, LinkedPieces pieces, RuleContextService ruleContexts) {
    this.ruleContexts = ruleContexts;
    this.sites = sites;
    this.pieces = pieces;
  }

  /**
   * What is found in a state of an item.
   *
   * @param key the key of the item
   * @param version the hash of its content
   */
  public List<Finding> findingsOf(String key, String version, Content content, Kind kind) {
    return findingsOf(key, version, content, kind, Set.of());
  }

  /** The same, as somebody sees it who knows some words. */
  public List<Finding> findingsOf(
      String key, String version, Content content, Kind kind, Set<String> words) {
    Settings settings = settingsOf(kind);
    ItemContext context = ruleContexts.of(key, content, kind, settings).knowing(words);
    RuleContext ruleContexts = around(kind, context);
    return found.get(
        new Look(version, ruleContexts, settings),
        look -> Preflight.check(Subject.of(content, ruleContexts, passages), settings));
  }

  /** What is found in a content that is not kept yet. */
  public List<Finding> look(String key, Content content, Kind kind) {
    Settings settings = settingsOf(kind);
    return Preflight.check(
        Subject.of(content, around(key, content, kind, settings), passages), settings);
  }

  /** What is found in a content with rules set in some way; nothing of it is remembered. */
  public List<Finding> lookOnce(String key, Content content, Kind kind, Settings settings) {
    return Preflight.check(
        Subject.of(content, around(key, content, kind, settings), new PassageCache(0)), settings);
  }

  /** An item as those look at it who ask for nothing beyond it. */
  public Subject subject(Content content, Kind kind) {
    return Subject.of(content, around(kind, ItemContext.UNKNOWN), passages);
  }

  /**
   * Has the texts of an item read for their language, as somebody looks at it.
   *
   * @return whether some still have to be
   */
  public boolean read(String key, Content content, Kind kind) {
    return ruleContexts.read(key, content, settingsOf(kind));
  }

  /** Waits a little until they are, where what is found there holds items. */
  public void awaitReading(String key, Content content, Kind kind) {
    if (ProofreadRule.holds(settingsOf(kind))) {
      awaitAll(key, content, kind);
    }
  }

  /** Waits a little until they are, since somebody asks for what was found. */
  public void awaitAll(String key, Content content, Kind kind) {
    ruleContexts.awaitReading(key, content, settingsOf(kind));
  }

  /** How rules are set for items of a kind. */
  public Settings settingsOf(Kind kind) {
    return sites.site().standards().of(kind.name());
  }

  private RuleContext around(String key, Content content, Kind kind, Settings settings) {
    return around(kind, ruleContexts.of(key, content, kind, settings));
  }

  private RuleContext around(Kind kind, ItemContext context) {
    Site site = sites.site();
    return new RuleContext(
        kind, site.language(), site.name(), site.fields(), pieces.keys(), context);
  }
}
