package app.blenner.server.archive;

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
import app.blenner.server.item.ItemImport;
import app.blenner.server.message.MessageService;
import app.blenner.server.notebook.NotebookService;
import app.blenner.server.outline.OutlineService;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.HouseStyleService;
import app.blenner.server.site.SectionService;
import app.blenner.server.site.SiteService;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes a package of the site, and the site of a package. */
@Service
@Transactional
public class SiteArchive {
  private static final Pattern ASSET = Pattern.compile("\\.\\./assets/([A-Za-z0-9._-]+)");

  private final SiteService sites;
  private final SectionService sections;
  private final HouseStyleService houseStyle;
  private final ExternalService external;
  private final AccountService accounts;
  private final AssetService assets;
  private final ItemImport items;
  private final OutlineService outlines;
  private final NotebookService notebooks;
  private final MessageService messages;

  SiteArchive(
      SiteService sites,
      SectionService sections,
      HouseStyleService houseStyle,
      ExternalService external,
      AccountService accounts,
      AssetService assets,
      ItemImport items,
      OutlineService outlines,
      NotebookService notebooks,
      MessageService messages) {
    this.sites = sites;
    this.sections = sections;
    this.houseStyle = houseStyle;
    this.external = external;
    this.accounts = accounts;
    this.assets = assets;
    this.items = items;
    this.outlines = outlines;
    this.notebooks = notebooks;
    this.messages = messages;
  }

  /** The whole site. */
  @Transactional(readOnly = true)
  public SitePackage whole() {
    return packed(null);
  }

  /** Some items, the assets they show, and the settings they need to be read. */
  @Transactional(readOnly = true)
  public SitePackage some(Collection<String> keys) {
    return packed(keys);
  }

  private SitePackage packed(Collection<String> keys) {
    List<PackedItem> all = items.packed(keys).stream().map(this::withNotebook).toList();
    Set<String> owners = new HashSet<>();
    all.forEach(i -> owners.add(i.people().owner()));
    List<PackedPerson> people =
        accounts.all().stream()
            .filter(a -> keys == null || owners.contains(a.signIn()))
            .map(a -> new PackedPerson(a.signIn(), a.name(), a.role()))
            .toList();
    return new SitePackage(
        sites.site(),
        houseStyle.get(),
        external.embedHosts(),
        external.contactAddress(),
        external.fetchPolicy().hosts(),
        people,
        assets.packed(keys == null ? null : shown(all)),
        keys == null ? outlines.all() : List.of(),
        all,
        keys == null ? messages.packed() : List.of());
  }

  private PackedItem withNotebook(PackedItem i) {
    return i.withNotebook(
        new PackedItem.Notebook(notebooks.packed(i.key()), notebooks.terms(i.key())));
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
    AssetUse.in(content).forEach(use -> names.add(use.asset()));
    // Markup that somebody wrote by hand names some too.
    Matcher m = ASSET.matcher(HtmlWriter.write(content.body()));
    while (m.find()) {
      names.add(m.group(1));
    }
  }

  /**
   * Makes the site that of a package: all that was there goes, but for the people.
   *
   * @param password what people sign in with who are new; without one they get none that anybody knows
   */
  public void replace(SitePackage packed, String password) {
    messages.clear();
    notebooks.clear();
    items.clear();
    outlines.clear();
    assets.clear();
    sections.clear();
    fill(packed, password);
  }

  /** Fills an empty site. */
  public void fill(SitePackage packed, String password) {
    sites.name(packed.site().name(), packed.site().tagline(), packed.site().language());
    houseStyle.set(packed.house());
    external.embedHosts(packed.hosts());
    external.contactAddress(packed.contactAddress());
    external.fetchHosts(packed.fetchHosts());
    for (Section s : packed.site().sections()) {
      sections.add(s);
    }
    for (PackedPerson p : packed.people()) {
      if (accounts.bySignIn(p.signIn()).isEmpty()) {
        String word = password.isEmpty() ? UUID.randomUUID().toString() : password;
        accounts.add(p.signIn(), p.name(), p.role(), word);
      }
    }
    for (PackedAsset asset : packed.assets()) {
      assets.add(asset);
    }
    packed.outlines().forEach(outlines::add);
    for (PackedItem item : packed.items()) {
      Account owner = accounts.bySignIn(item.people().owner()).orElseThrow();
      items.add(item, owner);
      notebooks.add(item.key(), item.notebook().notes());
      if (!item.notebook().terms().isEmpty()) {
        notebooks.terms(item.key(), item.notebook().terms());
      }
    }
    Set<String> keys = new HashSet<>();
    packed.items().forEach(i -> keys.add(i.key()));
    packed.messages().stream().filter(m -> keys.contains(m.item())).forEach(messages::add);
  }
}
