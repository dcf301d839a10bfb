package app.blenner.server.archive;

import app.blenner.core.archive.LazyList;
import app.blenner.core.archive.PackedAsset;
import app.blenner.core.archive.PackedItem;
import app.blenner.core.archive.PackedPerson;
import app.blenner.core.archive.SitePackage;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.AssetUse;
import app.blenner.core.item.Content;
import app.blenner.core.site.Section;
import app.blenner.server.account.Account;
import app.blenner.server.account.AccountService;
import app.blenner.server.asset.AssetService;
import app.blenner.server.item.transfer.ItemExport;
import app.blenner.server.item.transfer.ItemImport;
import app.blenner.server.message.MessageService;
import app.blenner.server.notebook.NotebookService;
import app.blenner.server.outline.OutlineService;
import app.blenner.server.report.ReportService;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.HouseStyleService;
import app.blenner.server.site.KindService;
import app.blenner.server.site.MenuService;
import app.blenner.server.site.MergeFieldService;
import app.blenner.server.site.ReferenceService;
import app.blenner.server.site.RuleService;
import app.blenner.server.site.SectionService;
import app.blenner.server.site.SettingsCache;
import app.blenner.server.site.SiteService;
import app.blenner.server.toolset.ToolsetService;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes a package of the site, and the site of a package. */
@Service
@Transactional
public class SiteArchive {
  private static final Pattern ASSET = Pattern.compile("\\.\\./assets/([A-Za-z0-9._-]+)");

  private final SiteService sites;
  private final SectionService sections;
  private final MenuService menus;
  private final HouseStyleService houseStyle;
  private final ExternalService external;
  private final AccountService accounts;
  private final AssetService assets;
  private final ItemImport items;
  private final ItemExport itemExport;
  private final OutlineService outlines;
  private final ReferenceService references;
  private final RuleService rules;
  private final ReportService reports;
  private final KindService kinds;
  private final ToolsetService toolsets;
  private final MergeFieldService fields;
  private final NotebookService notebooks;
  private final MessageService messages;
  private final SettingsCache settings;

  SiteArchive(
      SiteService sites,
      SectionService sections,
      MenuService menus,
      HouseStyleService houseStyle,
      ExternalService external,
      AccountService accounts,
      AssetService assets,
      ItemImport items,
      ItemExport itemExport,
      OutlineService outlines,
      ReferenceService references,
      RuleService rules,
      ReportService reports,
      KindService kinds,
      ToolsetService toolsets,
      MergeFieldService fields,
      NotebookService notebooks,
      MessageService messages,
      SettingsCache settings) {
    this.sites = sites;
    this.sections = sections;
    this.menus = menus;
    this.houseStyle = houseStyle;
    this.external = external;
    this.accounts = accounts;
    this.assets = assets;
    this.items = items;
    this.itemExport = itemExport;
    this.outlines = outlines;
    this.references = references;
    this.rules = rules;
    this.reports = reports;
    this.kinds = kinds;
    this.toolsets = toolsets;
    this.fields = fields;
    this.notebooks = notebooks;
    this.messages = messages;
    this.settings = settings;
  }

  /** Whether there is nothing in the site. */
  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return itemExport.count(null) == 0;
  }

  /** Whether one of these items is there. */
  @Transactional(readOnly = true)
  public boolean holdsAny(Collection<String> keys) {
    return itemExport.count(keys) > 0;
  }

  /**
   * Writes the whole site, or some items with the assets they show and the settings they need to be read, into a folder.
   *
   * @param keys which items, or null for the whole site
   * @return the names of assets whose bytes are gone; the package says so too
   */
  @Transactional(readOnly = true)
  List<String> write(Collection<String> keys, Path folder, Progress progress) throws IOException {
    List<PackedItem> packedItems = itemExport.packAll(keys);
    progress.begin("Writing", packedItems.size());
    List<PackedItem> all =
        LazyList.map(
            packedItems,
            i -> {
              progress.step();
              return withNotebook(i);
            });
    Set<String> owners = new HashSet<>();
    if (keys != null) {
      all.forEach(i -> owners.add(i.people().owner()));
    }
    List<PackedPerson> people =
        accounts.all().stream()
            .filter(a -> keys == null || owners.contains(a.signIn()))
            .map(a -> new PackedPerson(a.signIn(), a.name(), a.role()))
            .toList();
    AssetService.Packed packed = assets.packAll(keys == null ? null : shown(all));
    new SitePackage(
            sites.site(),
            sections.past(),
            houseStyle.get(),
            external.embedHosts(),
            external.contactAddress(),
            external.fetchHosts(),
            toolsets.all(),
            people,
            packed.assets(),
            keys == null ? outlines.all() : List.of(),
            all,
            keys == null ? messages.packAll() : List.of())
        .write(folder);
    if (!packed.missing().isEmpty()) {
      Files.writeString(
          folder.resolve("missing.txt"),
          "The bytes of these files were not in the store when this archive was made:\n"
              + String.join("\n", packed.missing())
              + "\n");
    }
    return packed.missing();
  }

  /** The names of assets whose bytes are not in the store, which no archive can hold. */
  @Transactional(readOnly = true)
  public List<String> missingFiles() {
    return assets.packAll(null).missing();
  }

  private PackedItem withNotebook(PackedItem i) {
    return i.withNotebook(
        new PackedItem.Notebook(notebooks.packAll(i.key()), notebooks.termsOf(i.key())));
  }

  private static Set<String> shown(List<PackedItem> all) {
    Set<String> names = new HashSet<>();
    for (PackedItem item : all) {
      collect(item.content(), names);
      if (item.live() != null) {
        collect(item.live(), names);
      }
    }
    return names;
  }

  private static void collect(Content content, Set<String> names) {
    AssetUse.usesIn(content).forEach(use -> names.add(use.asset()));
    // Markup that somebody wrote by hand names some too.
    Matcher m = ASSET.matcher(HtmlWriter.write(content.body()));
    while (m.find()) {
      names.add(m.group(1));
    }
  }

  /**
   * Makes the site that of a package: all that was there goes, but for the people.
   * People who are new set their password by a link.
   *
   * @return how many items are in review now that had come further
   * @param noted notes that it was done, in the same transaction
   */
  int replace(SitePackage packed, Progress progress, Runnable noted) {
    messages.clear();
    notebooks.clear();
    items.clear();
    outlines.clear();
    assets.clear();
    sections.clear();
    reports.clear();
    int inReview = fill(packed, "", progress);
    noted.run();
    return inReview;
  }

  /**
   * Fills an empty site.
   *
   * @param password what its people sign in with
   */
  public void fill(SitePackage packed, String password) {
    fill(packed, password, Progress.unseen());
  }

  private int fill(SitePackage packed, String password, Progress progress) {
    progress.begin("Bringing in", packed.items().size());
    sites.name(packed.site().name(), packed.site().tagline(), packed.site().language());
    sites.address(packed.site().address());
    kinds.replaceAll(packed.site().kinds());
    references.set(packed.site().references());
    rules.putStandards(packed.site().standards());
    fields.set(packed.site().fields().own());
    toolsets.replaceAll(packed.toolsets());
    houseStyle.set(packed.house());
    external.embedHosts(packed.hosts());
    external.contactAddress(packed.contactAddress());
    external.fetchHosts(packed.fetchHosts());
    for (Section s : packed.site().tree().inOrder()) {
      sections.add(s);
    }
    sections.past(packed.past());
    menus.set(packed.site().menus());
    menus.front(packed.site().front());
    for (PackedPerson p : packed.people()) {
      if (accounts.bySignIn(p.signIn()).isEmpty()) {
        accounts.add(p.signIn(), p.name(), p.role(), password.isEmpty() ? null : password);
      }
    }
    for (PackedAsset asset : packed.assets()) {
      assets.add(asset);
    }
    packed.outlines().forEach(outlines::add);
    Set<String> keys = new HashSet<>();
    AtomicInteger inReview = new AtomicInteger();
    settings.whileSettled(() -> inReview.set(bringIn(packed.items(), keys, progress)));
    packed.messages().stream().filter(m -> keys.contains(m.item())).forEach(messages::add);
    return inReview.get();
  }

  private int bringIn(List<PackedItem> all, Set<String> keys, Progress progress) {
    Map<String, Account> people =
        accounts.all().stream().collect(Collectors.toMap(Account::signIn, Function.identity()));
    return items.addAll(
        all,
        people,
        item -> {
          progress.step();
          keys.add(item.key());
          if (!item.notebook().notes().isEmpty()) {
            notebooks.add(item.key(), item.notebook().notes());
          }
          if (!item.notebook().terms().isEmpty()) {
            notebooks.termsOf(item.key(), item.notebook().terms());
          }
        });
  }
}
