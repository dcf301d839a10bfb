package app.blenner.core.archive;

import app.blenner.core.document.LinkedPiece;
import app.blenner.core.item.Content;
import app.blenner.core.item.Values;
import app.blenner.core.kind.Kind;
import app.blenner.core.language.Slug;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.reference.ReferenceLink;
import app.blenner.core.reference.References;
import app.blenner.core.site.Section;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.core.site.Topic;
import app.blenner.core.toolset.Toolset;
import java.io.UncheckedIOException;
import java.util.HashSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Looks a package over as a whole before anything is made of it: that nothing is longer than a site can hold, that what
 * is referred to is there, and that addresses are such as anybody could give by hand.
 */
final class PackageCheck {
  private final SitePackage read;

  PackageCheck(SitePackage read) {
    this.read = read;
  }

  /**
   * Looks.
   *
   * @throws IllegalArgumentException with a sentence that names the file
   */
  void look() {
    site();
    people();
    read.assets().forEach(this::checkAsset);
    Set<String> keys = new HashSet<>();
    for (PackedOutline o : read.outlines()) {
      if (!o.key().isEmpty() && (!LinkedPiece.isKey(o.key()) || !keys.add(o.key()))) {
        throw new IllegalArgumentException(
            "The snippet “"
                + shortened(o.name())
                + "” has a key that another has, or that is none.");
      }
      if (!o.role().isEmpty() && !o.role().matches("writer|editor")) {
        throw new IllegalArgumentException(
            "The snippet “"
                + shortened(o.name())
                + "” is for “"
                + shortened(o.role())
                + "”, which is no role.");
      }
      String what = o.snippet() ? "The snippet “" : "The outline “";
      String where = what + shortened(o.name()) + "”";
      holds(where, "shelf", o.shelf(), 100);
      holds(where, "name", o.name(), 200);
      holds(where, "line about it", o.about(), 500);
    }
    Set<String> signIns = new HashSet<>();
    read.people().forEach(p -> signIns.add(p.signIn()));
    items(signIns);
    for (PackedMessage m : read.messages()) {
      holds("messages.yaml", "title of an item", m.title(), 2000);
    }
  }

  /** Each is read for that, which takes a moment: all cores read. The first that is wrong is told of, as if one read alone. */
  private void items(Set<String> signIns) {
    IntStream.range(0, read.items().size())
        .parallel()
        .mapToObj(number -> problem(number, signIns))
        .filter(Objects::nonNull)
        .findFirst()
        .ifPresent(
            problem -> {
              throw problem;
            });
  }

  private RuntimeException problem(int number, Set<String> signIns) {
    try {
      item(read.items().get(number), signIns);
      return null;
    } catch (IllegalArgumentException | UncheckedIOException e) {
      return e;
    }
  }

  private void site() {
    holds("site.yaml", "name of the site", read.site().name(), 200);
    holds("site.yaml", "line below the name", read.site().tagline(), 500);
    holds("site.yaml", "language", read.site().language(), 40);
    String address = read.site().address();
    if (!address.isEmpty() && !Site.addressWithin(address).equals(Optional.of(address))) {
      throw new IllegalArgumentException(
          "site.yaml: “"
              + shortened(address)
              + "” is no address of a site, such as https://www.example.org.");
    }
    holds("site.yaml", "address of the site", address, 250);
    holds("site.yaml", "address for messages", read.contactAddress(), 300);
    for (ReferenceLink link : read.site().references()) {
      String problem = References.problemWith(link);
      if (!problem.isEmpty()) {
        throw new IllegalArgumentException("site.yaml: " + problem);
      }
    }
    String wrong = MergeFields.problemWith(read.site().fields().own());
    if (!wrong.isEmpty()) {
      throw new IllegalArgumentException("site.yaml: " + wrong);
    }
    read.site().standards().problemsWith(Preflight::findRule).stream()
        .findFirst()
        .ifPresent(
            problem -> {
              throw new IllegalArgumentException("site.yaml, rules: " + problem);
            });
    Toolset.clash(read.toolsets())
        .ifPresent(
            clash -> {
              throw new IllegalArgumentException("site.yaml: " + clash);
            });
    Set<String> kinds = new HashSet<>();
    for (Kind k : read.site().kinds()) {
      if (!kinds.add(k.name())) {
        throw new IllegalArgumentException("site.yaml has two kinds “" + k.name() + "”.");
      }
    }
    if (kinds.isEmpty()) {
      throw new IllegalArgumentException("site.yaml: a site has at least one kind of item.");
    }
    Set<String> slugs = new HashSet<>();
    for (Section s : read.site().sections()) {
      checkSlug("site.yaml", s.slug());
      if (!slugs.add(s.slug())) {
        throw new IllegalArgumentException(
            "site.yaml has two sections “" + shortened(s.slug()) + "”.");
      }
      holds("site.yaml", "name of a section", s.name(), 200);
      holds("site.yaml", "description of a section", s.description(), 1000);
      for (Topic t : s.topics()) {
        holds("site.yaml", "name of a topic", t.name(), 200);
      }
    }
    new SectionCheck(read).look();
  }

  private void people() {
    Set<String> names = new HashSet<>();
    for (PackedPerson p : read.people()) {
      if (!PackedPerson.isSignIn(p.signIn())) {
        throw new IllegalArgumentException(
            "site.yaml: “" + shortened(p.signIn()) + "” is no sign-in name.");
      }
      if (!names.add(p.signIn())) {
        throw new IllegalArgumentException("site.yaml names “" + p.signIn() + "” twice.");
      }
      holds("site.yaml", "name of a person", p.name(), 200);
      if (p.name().isBlank()) {
        throw new IllegalArgumentException("site.yaml: “" + p.signIn() + "” has no name.");
      }
    }
  }

  /** What is said of an asset, as it is in the file. */
  static void described(YamlFields about) {
    String where = "assets.yaml, " + about.where();
    holds(where, "title", about.text("title"), 300);
    holds(where, "alternative text", about.text("alternative"), 1000);
    holds(where, "caption", about.text("caption"), 2000);
    holds(where, "credit", about.text("credit"), 300);
    holds(where, "source", about.text("source"), 1000);
    holds(where, "licence", about.text("licence"), 300);
    holds(where, "description", about.text("description"), 4000);
    holds(where, "keywords", String.join("\n", about.words("keywords")), 6000);
  }

  private void checkAsset(PackedAsset a) {
    String where = "assets.yaml, " + a.name();
    holds(where, "edit", a.edit().toString(), 100);
    a.collections().forEach(c -> holds(where, "name of a collection", c, 100));
  }

  private void item(PackedItem item, Set<String> signIns) {
    String where = "items/" + item.key() + ".html";
    if (!signIns.contains(item.people().owner())) {
      throw new IllegalArgumentException(
          where
              + " belongs to “"
              + shortened(item.people().owner())
              + "”, who is not among the people of site.yaml.");
    }
    if (read.site().kinds().stream().noneMatch(k -> k.name().equals(item.kind()))) {
      throw new IllegalArgumentException(
          where + ": “" + shortened(item.kind()) + "” is no kind that this site has.");
    }
    holds(where, "name of the author", item.people().author(), 200);
    holds(where, "name of who changed it", item.times().changedBy(), 200);
    content(where, item.content());
    if (item.live() != null) {
      content(where, item.live());
    }
    for (String path : item.addresses()) {
      holds(where, "address", path, 200);
      if (!path.matches("(/[a-z0-9]+(-[a-z0-9]+)*){1,2}")) {
        throw new IllegalArgumentException(
            where + ": “" + shortened(path) + "” is no address of the site.");
      }
    }
    item.notebook().notes().forEach(n -> holds(where, "note", n.words(), 8000));
    for (PackedDismissal d : item.dismissed()) {
      holds(where, "name of what is left as it is", d.finding(), 120);
      holds(where, "reason to leave something as it is", d.reason(), 500);
      holds(where, "name of who left it", d.by(), 200);
    }
  }

  private void content(String where, Content c) {
    holds(where, "title", c.title(), 2000);
    holds(where, "summary", c.summary(), 8000);
    holds(where, "keywords", String.join("\n", c.keywords()), 8000);
    holds(where, "topics", String.join("\n", c.topics()), 4000);
    holds(where, "language", c.language(), 40);
    int attached =
        c.attachments().stream().mapToInt(a -> a.asset().length() + a.words().length() + 2).sum();
    most(where, "attachments", attached, 50_000);
    most(where, "fields", (int) Values.letters(c.values()), (int) Values.MOST_LETTERS);
    if (!c.slug().isEmpty()) {
      checkSlug(where, c.slug());
    }
    boolean known = read.site().findSection(c.section()).isPresent();
    if (!c.section().isEmpty() && !known) {
      throw new IllegalArgumentException(
          where
              + " is in the section “"
              + shortened(c.section())
              + "”, which site.yaml does not have.");
    }
    if (c.section().isEmpty() && SitePaths.RESERVED.contains(c.slug())) {
      throw new IllegalArgumentException(
          where + " has the address “/" + c.slug() + "”, which belongs to Blenner itself.");
    }
  }

  static void checkSlug(String where, String slug) {
    if (!Slug.isLegal(slug)) {
      throw new IllegalArgumentException(
          where
              + ": “"
              + shortened(slug)
              + "” cannot be the end of an address. Small letters, digits and hyphens between them can.");
    }
  }

  static void holds(String where, String what, String value, int most) {
    most(where, what, value.length(), most);
  }

  private static void most(String where, String what, int characters, int most) {
    if (characters > most) {
      throw new IllegalArgumentException(
          String.format(
              java.util.Locale.UK,
              "%s: the %s has %,d characters; a site holds at most %,d.",
              where,
              what,
              characters,
              most));
    }
  }

  static String shortened(String words) {
    return words.length() <= 60 ? words : words.substring(0, 60) + "…";
  }
}
