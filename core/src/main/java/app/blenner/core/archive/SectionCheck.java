package app.blenner.core.archive;

import app.blenner.core.site.MenuEntry;
import app.blenner.core.site.Section;
import app.blenner.core.site.SectionTree;
import app.blenner.core.site.SitePaths;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Looks over how the sections of a package stand, and its menus. */
final class SectionCheck {
  private static final String WHERE = "site.yaml";

  private final SitePackage read;
  private final SectionTree tree;
  private final Set<String> addresses = new HashSet<>();

  SectionCheck(SitePackage read) {
    this.read = read;
    this.tree = read.site().tree();
  }

  void look() {
    read.site().sections().forEach(this::checkSection);
    read.past().forEach(this::checkPast);
    menu(read.site().menus().main());
    menu(read.site().menus().foot());
    PackageCheck.holds(WHERE, "key of an item", read.site().front().composed(), 80);
  }

  private void checkSection(Section s) {
    PackageCheck.checkSlug(WHERE, s.step());
    PackageCheck.holds(WHERE, "address of a section", s.step(), 80);
    stands(s);
    String shown = "“" + tree.pathOf(s.slug()) + "”";
    needs(
        addresses.add(SitePaths.lasting(s.parent(), s.step())),
        "there are two sections at " + shown);
    needs(
        !SitePaths.isOurs(s.parent(), s.step()),
        "there is a section at " + shown + ", which belongs to Blenner itself");
    PackageCheck.holds(WHERE, "name of a picture", s.picture(), 250);
    PackageCheck.holds(WHERE, "key of an item", s.list().composed(), 80);
    PackageCheck.holds(WHERE, "keys of items", String.join(" ", s.list().picked()), 4000);
    PackageCheck.holds(WHERE, "names of people", String.join(" ", s.publishers()), 8000);
  }

  private void stands(Section s) {
    if (s.parent().isEmpty()) {
      return;
    }
    String which = "the section “" + s.slug() + "” is a part of ";
    needs(
        tree.findSection(s.parent()).isPresent(),
        which + "“" + PackageCheck.shortened(s.parent()) + "”, which is not there");
    needs(!tree.partsOf("").contains(s), which + "itself");
    needs(
        tree.way(s.slug()).size() <= SectionTree.DEEPEST,
        "sections stand at most " + SectionTree.DEEPEST + " deep within one another");
  }

  private void checkPast(PastSection past) {
    PackageCheck.checkSlug(WHERE, past.slug());
    boolean there = tree.findSection(past.slug()).isPresent();
    needs(
        past.gone() != there,
        "the section “" + past.slug() + "” was either given up or is there, not both");
    for (String address : past.addresses()) {
      PackageCheck.holds(WHERE, "address of a section", address, 200);
      needs(addresses.add(address), "two sections had the address “" + address + "”");
    }
  }

  private static void menu(List<MenuEntry> entries) {
    for (MenuEntry entry : entries) {
      PackageCheck.holds(WHERE, "label of a menu", entry.label(), 200);
      PackageCheck.holds(WHERE, "address of a menu", entry.target(), 2000);
    }
  }

  private static void needs(boolean fine, String sentence) {
    if (!fine) {
      throw new IllegalArgumentException(WHERE + ": " + sentence + ".");
    }
  }
}
