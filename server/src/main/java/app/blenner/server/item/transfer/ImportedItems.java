package app.blenner.server.item.transfer;

import app.blenner.core.archive.PackedItem;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.preflight.StoredFinding;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.Subject;
import app.blenner.core.site.SectionTree;
import app.blenner.core.site.Site;
import app.blenner.server.find.FoundItem;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.checks.RuleContextService;
import app.blenner.server.item.links.ItemTexts;
import app.blenner.server.item.published.Listings;
import app.blenner.server.item.stages.LiveCopies;
import app.blenner.server.item.stages.StageService;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.LiveCopyEntity;
import app.blenner.server.item.worklist.ItemDocuments;
import app.blenner.server.version.Versions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Works out what is written of items that are brought in. It asks nothing of the database, so that several threads can; no
 * transaction is begun in any of them, which would take a connection for each item.
 */
@Component
class ImportedItems {
  /**
   * The site that items are brought into.
   *
   * @param snippets the keys of all pieces that can be linked
   */
  record Surroundings(Site site, SectionTree tree, Set<String> snippets, ImportCensus others) {}

  private final Versions versions;
  private final RuleContextService ruleContexts;
  private final ItemTexts texts;

  ImportedItems(Versions versions, RuleContextService ruleContexts, ItemTexts texts) {
    this.versions = versions;
    this.ruleContexts = ruleContexts;
    this.texts = texts;
  }

  ImportedItem of(ImportedItem.Given given, Surroundings around) {
    PackedItem packed = given.packed();
    Content content = packed.content();
    String by =
        packed.times().changedBy().isEmpty() ? given.owner().name() : packed.times().changedBy();
    Versions.Unkept working = versions.unkept(content, by);
    Content liveContent = packed.live();
    boolean same = content.equals(liveContent);
    Versions.Unkept live =
        liveContent == null ? null : same ? working : versions.unkept(liveContent, by);
    List<Object> rows = new ArrayList<>();
    ItemEntity item = itemOf(given, by, working.hash());
    item.differs = live == null || !live.hash().equals(working.hash());
    note(item, findings(given, around));
    rows.add(item);
    LiveCopyEntity copy = live == null ? null : live(rows, given, item, live.hash(), around);
    String key = packed.key();
    rows.addAll(given.addresses());
    rows.addAll(texts.rowsOf(new ItemText(key, false, given.kind(), content, given.whole())));
    rows.addAll(Dismissals.rowsOf(key, packed.dismissed()));
    return new ImportedItem(
        packed,
        live == null || same ? List.of(working) : List.of(working, live),
        rows,
        RuleContextService.elsewhere(content.body()),
        found(given, item, copy, around.site().language()));
  }

  private static List<FoundItem> found(
      ImportedItem.Given given, ItemEntity item, LiveCopyEntity copy, String language) {
    PackedItem packed = given.packed();
    List<FoundItem> out = new ArrayList<>();
    out.add(ItemDocuments.working(item, copy, packed.content(), given.whole(), language));
    if (copy != null && item.stage.isForReaders()) {
      out.add(ItemDocuments.forReaders(item, copy, packed.live(), given.wholeLive(), language));
    }
    return out;
  }

  private ItemEntity itemOf(ImportedItem.Given given, String by, String working) {
    PackedItem packed = given.packed();
    Content content = packed.content();
    PackedItem.Times times = packed.times();
    String author = packed.people().author();
    ItemEntity item = ItemEntity.draft(packed.key(), packed.kind(), times.created());
    StageService.putAt(
        item, new StageService.Position(packed.stage(), times.stageSince(), null, ""));
    item.ownerId = given.owner().id();
    item.author = author.isEmpty() ? given.owner().name() : author;
    item.slugByHand = packed.slugByHand();
    item.changedAt = times.changed();
    item.changedBy = by;
    item.show(working, content);
    return item;
  }

  private LiveCopyEntity live(
      List<Object> rows,
      ImportedItem.Given given,
      ItemEntity item,
      String version,
      Surroundings around) {
    PackedItem packed = given.packed();
    Content content = packed.live();
    PackedItem.Times times = packed.times();
    LiveCopyEntity copy =
        LiveCopies.rowOf(item, version, content, times.firstLive(), times.updated());
    rows.add(copy);
    if (item.stage.isForReaders()) {
      String key = item.itemKey;
      Kind kind = given.kind();
      rows.addAll(Listings.rowsOf(key, content, around.tree(), kind.isNews(), times.firstLive()));
      rows.addAll(texts.rowsOf(new ItemText(key, true, kind, content, given.wholeLive())));
    }
    return copy;
  }

  private List<Finding> findings(ImportedItem.Given given, Surroundings around) {
    PackedItem packed = given.packed();
    Site site = around.site();
    Settings settings = site.standards().of(packed.kind());
    ItemContext context =
        ruleContexts.of(
            packed.key(),
            packed.content(),
            site.language(),
            settings,
            around.others(),
            new RuleContextService.Known(given.facts(), Map.of(), packed.notebook().terms()));
    RuleContext rules =
        new RuleContext(
            given.kind(), site.language(), site.name(), site.fields(), around.snippets(), context);
    Subject subject = Subject.of(packed.content(), rules, new PassageCache(0));
    return Dismissals.withoutOverruled(
        packed.dismissed(), Preflight.check(subject, settings), settings);
  }

  private static void note(ItemEntity item, List<Finding> findings) {
    item.mustFix = Preflight.count(findings, Severity.MUST_FIX);
    item.findings = StoredFinding.write(findings);
    item.findingsBy = Preflight.VERSION;
  }
}
