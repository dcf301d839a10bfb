package app.blenner.server.demo;

import app.blenner.core.archive.PackedAsset;
import app.blenner.core.archive.PackedItem;
import app.blenner.core.archive.PackedPerson;
import app.blenner.core.archive.SitePackage;
import app.blenner.core.site.Section;
import app.blenner.server.BlennerSettings;
import app.blenner.server.account.AccountService;
import app.blenner.server.account.FirstAccount;
import app.blenner.server.asset.AssetService;
import app.blenner.server.item.ItemImport;
import app.blenner.server.outline.OutlineService;
import app.blenner.server.site.SiteService;
import java.io.IOException;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Fills the demo on its first start, and tells in the terminal where to go. */
@Component
class Opening implements ApplicationRunner {
  /** The password of every demo sign-in; there are none outside the demo. */
  private static final String DEMO_PASSWORD = "tarnlow-nights";

  private final BlennerSettings settings;
  private final AccountService accounts;
  private final FirstAccount firstAccount;
  private final SiteService sites;
  private final AssetService assets;
  private final ItemImport items;
  private final OutlineService outlines;
  private final Environment environment;

  Opening(
      BlennerSettings settings,
      AccountService accounts,
      FirstAccount firstAccount,
      SiteService sites,
      AssetService assets,
      ItemImport items,
      OutlineService outlines,
      Environment environment) {
    this.settings = settings;
    this.accounts = accounts;
    this.firstAccount = firstAccount;
    this.sites = sites;
    this.assets = assets;
    this.items = items;
    this.outlines = outlines;
    this.environment = environment;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (settings.isDemo() && accounts.isEmpty()) {
      fill(SitePackage.read(settings.demoFolder()));
    }
    String home = "http://localhost:" + environment.getProperty("local.server.port");
    tell("");
    tell("Blenner is ready.");
    tell("  The site      " + home + "/");
    tell("  The editor    " + home + "/editor/");
    if (settings.isDemo()) {
      tell("  Demo sign-ins, to be picked by a click or typed with the password " + DEMO_PASSWORD);
      accounts
          .all()
          .forEach(
              a -> tell("    " + a.signIn() + "  (" + a.name() + ", " + a.role().label() + ")"));
    } else if (accounts.isEmpty()) {
      tell("  Nobody has an account yet. Make the first one here; the address works once:");
      tell("    " + home + firstAccount.path());
    }
    tell("  Data is kept in " + settings.dataFolder());
    tell("  Stop with Ctrl+C.");
  }

  private void fill(SitePackage demo) {
    sites.name(demo.site().name(), demo.site().tagline(), demo.site().language());
    sites.house(demo.house());
    sites.hosts(demo.hosts());
    sites.contactAddress(demo.contactAddress());
    sites.fetchHosts(demo.fetchHosts());
    for (Section s : demo.site().sections()) {
      sites.add(s.slug(), s.name(), s.description());
    }
    for (PackedPerson p : demo.people()) {
      accounts.add(p.signIn(), p.name(), p.role(), DEMO_PASSWORD);
    }
    for (PackedAsset asset : demo.assets()) {
      assets.add(asset);
    }
    demo.outlines().forEach(outlines::add);
    for (PackedItem item : demo.items()) {
      items.add(item, accounts.bySignIn(item.owner()).orElseThrow());
    }
  }

  private static void tell(String line) {
    System.out.println(line);
  }
}
