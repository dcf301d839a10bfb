package app.blenner.server.site;

import app.blenner.core.archive.PastSection;
import app.blenner.core.document.PlainText;
import app.blenner.core.language.Slug;
import app.blenner.core.site.Section;
import app.blenner.core.site.SectionTree;
import app.blenner.core.site.SitePaths;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.problem.Problem;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The parts of the site, as a tree, and the topics of each. */
@Service
@Transactional
public class SectionService {
  private final SectionRepository sections;
  private final SectionRows rows;
  private final SiteSettings settings;
  private final ChangeBus changes;
  private final AddressBook addresses;
  private final PlacedItems items;
  private final OwnTexts ownTexts;
  private final SettingsCache cache;

  SectionService(
      SectionRepository sections,
      SectionRows rows,
      SiteSettings settings,
      ChangeBus changes,
      AddressBook addresses,
      PlacedItems items,
      OwnTexts ownTexts,
      SettingsCache cache) {
    this.ownTexts = ownTexts;
    this.cache = cache;
    this.sections = sections;
    this.rows = rows;
    this.settings = settings;
    this.changes = changes;
    this.addresses = addresses;
    this.items = items;
  }

  /** All sections, each followed by its parts, in the order readers see them. */
  @Transactional(readOnly = true)
  public List<Section> all() {
    return tree().inOrder();
  }

  /** All sections as a tree. */
  @Transactional(readOnly = true)
  public SectionTree tree() {
    return cache.get(
        "sections",
        () ->
            new SectionTree(
                sections.findAllByGoneToNullOrderByPlace().stream().map(rows::sectionOf).toList()));
  }

  /** The section to which one leads that was given up: another, or none; one that is there leads to itself. */
  @Transactional(readOnly = true)
  public String leadsTo(String slug) {
    Set<String> seen = new HashSet<>();
    String at = slug;
    while (!at.isEmpty() && seen.add(at)) {
      SectionEntity section = sections.findById(at).orElse(null);
      if (section == null) {
        return "";
      }
      if (section.goneTo == null) {
        return at;
      }
      at = section.goneTo;
    }
    return "";
  }

  /** Adds a section behind the others of the one it is a part of. Its short name is made from its name. */
  public Section add(Section given) {
    settings.hold();
    String made = Slug.of(given.slug().isEmpty() ? PlainText.toLine(given.name()) : given.slug());
    if (made.isEmpty()) {
      throw Problem.unusable("A section needs a name with at least one letter or digit.");
    }
    String slug = Slug.firstFree(made, sections::existsById);
    SectionTree tree = tree();
    String parent = tree.findSection(given.parent()).isPresent() ? given.parent() : "";
    String step = given.step().isEmpty() ? made : given.step();
    fits(tree, parent, 1);
    SectionEntity section = new SectionEntity();
    section.slug = slug;
    section.place = (int) sections.count();
    section.parent = parent;
    section.step = freeStep(tree, slug, parent, step);
    Section added = describe(section, given);
    addresses.reserveForSection(SitePaths.lasting(parent, section.step), slug);
    return added;
  }

  /** Takes all sections away. */
  public void clear() {
    sections.deleteAllInBatch();
    addresses.releaseSections();
    changes.publish(new SiteChanged());
  }

  /**
   * Changes what a section is called, says and shows, and its own part of addresses; where it stands stays as it is, and so
   * do the short names of topics that it had. Its earlier addresses lead to it.
   */
  public Section change(String slug, Section given) {
    settings.hold();
    SectionEntity section = row(slug);
    String step = given.step().isEmpty() ? section.step : given.step();
    if (!step.equals(section.step)) {
      settle(section, section.parent, step);
    }
    return describe(section, given);
  }

  /**
   * Makes a section a part of another, or of none, and says where it is there.
   *
   * @param parent the section it becomes a part of, or empty
   * @param before the section there before which it stands, or empty for the last
   */
  public Section move(String slug, String parent, String before) {
    settings.hold();
    SectionTree tree = tree();
    SectionEntity section = row(slug);
    if (!parent.isEmpty()) {
      row(parent);
    }
    if (tree.withParts(slug).contains(parent)) {
      throw Problem.unusable(
          "“%s” cannot become a part of itself, or of one of its own parts."
              .formatted(section.name));
    }
    if (!parent.equals(section.parent)) {
      fits(tree, parent, tree.depthBelow(slug));
      Set<String> old = wayOf(tree, section.parent);
      Set<String> now = wayOf(tree, parent);
      settle(section, parent, section.step);
      Set<String> noMore = new HashSet<>(old);
      noMore.removeAll(now);
      now.removeAll(old);
      items.listElsewhere(slug, noMore, now);
    }
    order(slug, parent, before);
    changes.publish(new SiteChanged());
    return rows.sectionOf(section);
  }

  private static Set<String> wayOf(SectionTree tree, String slug) {
    return tree.way(slug).stream()
        .map(Section::slug)
        .collect(Collectors.toCollection(HashSet::new));
  }

  /** Numbers the sections again, with one of them before another of its parent's parts, or behind them all. */
  private void order(String slug, String parent, String before) {
    List<SectionEntity> all = sections.findAllByGoneToNullOrderByPlace();
    SectionEntity moved = all.stream().filter(s -> s.slug.equals(slug)).findFirst().orElseThrow();
    all.remove(moved);
    int at = all.size();
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).slug.equals(before) && all.get(i).parent.equals(parent)) {
        at = i;
      }
    }
    all.add(at, moved);
    for (int i = 0; i < all.size(); i++) {
      all.get(i).place = i;
    }
  }

  /** Lets nobody else change how sections stand until the transaction ends. */
  public void holdAll() {
    settings.hold();
  }

  /**
   * Lets somebody go on who wants to give a section up.
   *
   * @throws Problem where it or the one its items go to is not there
   */
  @Transactional(readOnly = true)
  public void mayGiveUp(String slug, String to) {
    row(slug);
    if (!to.isEmpty()) {
      row(to);
    }
    if (to.equals(slug)) {
      throw Problem.unusable("A section that is given up cannot take its own items.");
    }
  }

  /**
   * Gives a section up that has no items any more. Its parts become parts of the section it was a part of, and its addresses
   * lead to another section.
   *
   * @param to that other section; empty for the front page
   */
  public void giveUp(String slug, String to) {
    settings.hold();
    mayGiveUp(slug, to);
    SectionEntity section = row(slug);
    long left = items.count(slug);
    if (left > 0) {
      throw Problem.unusable(
          "There %s in “%s”. Say where they go first."
              .formatted(
                  left == 1 ? "is still an item" : "are still " + left + " items", section.name));
    }
    for (Section part : tree().partsOf(slug)) {
      move(part.slug(), section.parent, "");
    }
    section.goneTo = to;
    sections.save(section);
    changes.publish(new SiteChanged());
  }

  private SectionEntity row(String slug) {
    return sections
        .findById(slug)
        .filter(s -> s.goneTo == null)
        .orElseThrow(() -> Problem.notThere("There is no section “" + slug + "”."));
  }

  private static void fits(SectionTree tree, String parent, int deep) {
    if (tree.way(parent).size() + deep > SectionTree.DEEPEST) {
      throw Problem.unusable(
          "Sections stand at most " + SectionTree.DEEPEST + " deep within one another.");
    }
  }

  /** Gives a section the address that another place, or another part of addresses, makes. */
  private void settle(SectionEntity section, String parent, String step) {
    section.step = freeStep(tree(), section.slug, parent, step);
    section.parent = parent;
    String path = SitePaths.lasting(parent, section.step);
    if (!addresses.sectionAt(path).equals(section.slug)) {
      addresses.reserveForSection(path, section.slug);
    }
  }

  private String freeStep(SectionTree tree, String slug, String parent, String step) {
    String wrong = SitePaths.problemWith(step);
    if (!wrong.isEmpty()) {
      throw Problem.unusable(wrong);
    }
    String shown = tree.pathOf(parent) + "/" + step;
    if (SitePaths.isOurs(parent, step)) {
      throw Problem.unusable("“" + shown + "” belongs to Blenner itself. Choose another address.");
    }
    String path = SitePaths.lasting(parent, step);
    String item = addresses.itemAt(path);
    if (!item.isEmpty() && item.equals(ownText(tree, slug))) {
      // Its address leads to the page of the section already.
      ownTexts.moveInto(slug, item);
      addresses.release(path);
    } else if (!item.isEmpty()) {
      throw Problem.unusable("An item has the address “" + shown + "”. Choose another address.");
    }
    String other = addresses.sectionAt(path);
    if (!other.isEmpty() && !other.equals(slug)) {
      boolean still =
          tree.findSection(other)
              .filter(s -> s.parent().equals(parent) && s.step().equals(step))
              .isPresent();
      throw Problem.unusable(
          still
              ? "There is a section at “" + shown + "” already."
              : "“"
                  + shown
                  + "” was the address of another section, and still leads to it. Choose another address.");
    }
    return step;
  }

  private static String ownText(SectionTree tree, String slug) {
    return tree.findSection(slug).map(s -> s.list().composed()).orElse("");
  }

  private Section describe(SectionEntity section, Section given) {
    rows.describe(section, given);
    changes.publish(new SiteChanged());
    return rows.sectionOf(sections.save(section));
  }

  /** What a package says of sections besides those that are there. */
  @Transactional(readOnly = true)
  public List<PastSection> past() {
    SectionTree tree = tree();
    return addresses.ofSections().stream()
        .collect(Collectors.groupingBy(AddressBook.OfSection::section))
        .entrySet()
        .stream()
        .map(
            e -> {
              Section now = tree.findSection(e.getKey()).orElse(null);
              String present = now == null ? "" : SitePaths.lasting(now.parent(), now.step());
              List<String> before =
                  e.getValue().stream()
                      .map(AddressBook.OfSection::path)
                      .filter(p -> !p.equals(present))
                      .toList();
              String goneTo = now == null ? leadsTo(e.getKey()) : "";
              return new PastSection(e.getKey(), now == null, goneTo, before);
            })
        .filter(p -> !p.addresses().isEmpty())
        .sorted(Comparator.comparing(PastSection::slug))
        .toList();
  }

  /** Takes over what a package says of the past of sections. */
  public void past(List<PastSection> all) {
    for (PastSection past : all) {
      if (past.gone()) {
        sections.save(rows.markGone(past.slug(), past.leadsTo()));
      }
      past.addresses().forEach(path -> addresses.reserveForSection(path, past.slug()));
    }
  }
}
