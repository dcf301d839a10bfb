package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

public class SectionTreeTest {
  private static Section at(String slug, String parent) {
    return new Section(slug, slug.toUpperCase(Locale.ROOT), "").withParent(parent);
  }

  private static final List<Section> SITE =
      List.of(
          at("visit", ""),
          at("sky", ""),
          at("parking", "visit"),
          at("moon", "sky").withAddressPart("the-moon"),
          at("coaches", "parking"));

  @Test
  public void partsStandBehindTheSectionTheyBelongTo() {
    SectionTree tree = new SectionTree(SITE);
    assertEquals(
        tree.inOrder().stream().map(Section::slug).toList(),
        List.of("visit", "parking", "coaches", "sky", "moon"));
    assertEquals(tree.pathOf("coaches"), "/visit/parking/coaches");
    assertEquals(tree.pathOf("moon"), "/sky/the-moon");
    assertEquals(tree.pathOf(""), "");
    assertEquals(tree.pathOf("nowhere"), "");
    assertEquals(tree.withParts("visit"), Set.of("visit", "parking", "coaches"));
    assertEquals(tree.depthBelow("visit"), 3);
    assertEquals(tree.depthBelow("moon"), 1);
  }

  /** Whatever a file or a fault says of parents, each section is there once, and its way ends. */
  @Test
  public void circlesAndLostParentsLoseNoSection() {
    Random random = new Random(14);
    for (int round = 0; round < 2_000; round++) {
      int count = 1 + random.nextInt(9);
      List<Section> sections = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        int parent = random.nextInt(count + 2);
        sections.add(at("s" + i, parent == count ? "" : "s" + parent));
      }
      SectionTree tree = new SectionTree(sections);
      List<String> there = tree.inOrder().stream().map(Section::slug).sorted().toList();
      assertEquals(there, sections.stream().map(Section::slug).sorted().toList());
      for (Section s : sections) {
        List<Section> way = tree.way(s.slug());
        assertEquals(new HashSet<>(way).size(), way.size());
        assertEquals(way.get(way.size() - 1), s);
        assertTrue(tree.partsOf("").contains(way.get(0)));
      }
    }
  }

  @Test
  public void theOrderOfOtherSectionsMakesNoDifference() {
    List<Section> mixed = new ArrayList<>(SITE);
    Collections.rotate(mixed, 2);
    SectionTree tree = new SectionTree(mixed);
    assertEquals(tree.withParts("visit"), new SectionTree(SITE).withParts("visit"));
    assertEquals(tree.pathOf("coaches"), "/visit/parking/coaches");
  }

  @Test
  public void whoMayPublishIsSaidByTheNearestSectionThatSays() {
    Section visit = at("visit", "");
    Section named =
        new Section(
            "parking",
            "Parking",
            "",
            List.of(),
            "visit",
            "parking",
            "",
            SectionList.NEWEST,
            List.of("bram"));
    SectionTree tree = new SectionTree(List.of(visit, named, at("coaches", "parking")));
    assertEquals(tree.publishers("coaches"), List.of("bram"));
    assertEquals(tree.publishers("visit"), List.of());
  }

  @Test
  public void keywordsHaveOneAddressWhateverIsInThem() {
    for (String word :
        List.of("lamp oil", "a/b", "50 %", "%2F", "née", "..", "c++", "a;b", "“x”", "光害", "\\")) {
      String path = SitePaths.keywordPath(word);
      List<String> steps = SitePaths.steps(path);
      assertEquals(steps.size(), 2, path);
      assertEquals(SitePaths.keywordOf(steps.get(1)), word.toLowerCase(Locale.ROOT), path);
      assertTrue(path.matches("/keyword/[A-Za-z0-9%*_.-]+"), path);
    }
    assertEquals(SitePaths.keywordPath("Lamp Oil"), SitePaths.keywordPath("lamp oil"));
    assertEquals(SitePaths.steps("/a/%zz"), List.of());
    assertEquals(SitePaths.steps("/"), List.of());
  }
}
