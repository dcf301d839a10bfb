package app.blenner.core.toolset;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.signoff.Role;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ToolsetTest {
  private static Toolset with(String name, List<String> tools, Use... uses) {
    return new Toolset(
        name, name, "", List.of(new ToolGroup("Text", tools, List.of())), Map.of(), List.of(uses));
  }

  private static final List<Toolset> ALL =
      List.of(
          with("site", List.of("paragraph"), new Use("", "", null)),
          with("writers", List.of("paragraph"), new Use("", "", Role.WRITER)),
          with("posts", List.of("paragraph"), new Use("post", "", null)),
          with("posts-of-writers", List.of("paragraph"), new Use("post", "", Role.WRITER)),
          with("notes", List.of("paragraph"), new Use("post", "note", null)));

  @DataProvider
  Object[][] nearness() {
    return new Object[][] {
      {"article", "body", Role.EDITOR, "site"},
      {"article", "body", Role.WRITER, "writers"},
      {"post", "body", Role.EDITOR, "posts"},
      {"post", "body", Role.WRITER, "posts-of-writers"},
      {"post", "note", Role.WRITER, "notes"},
    };
  }

  @Test(dataProvider = "nearness")
  public void theNearestHolds(String kind, String field, Role role, String expected) {
    assertEquals(Toolset.nearest(ALL, kind, field, role).orElseThrow().name(), expected);
  }

  @Test
  public void withoutOneEveryToolIsOffered() {
    assertTrue(Toolset.nearest(ALL.subList(2, 5), "article", "body", Role.EDITOR).isEmpty());
  }

  @DataProvider
  Object[][] unsound() {
    return new Object[][] {
      {with("plain", List.of("strong")), "needs Paragraph"},
      {with("plain", List.of("paragraph", "strong", "strong")), "stands in two"},
      {with("plain", List.of("paragraph", "<b>")), "is no tool"},
      {with("", List.of("paragraph")), "needs a name"},
      {with("plain", List.of("paragraph"), new Use("", "note", null)), "Say of which kind"},
    };
  }

  @Test(dataProvider = "unsound")
  public void whatIsWrongIsToldInWords(Toolset set, String words) {
    assertTrue(String.join(" ", set.problems()).contains(words), set.problems().toString());
  }

  @Test
  public void twoThatClaimOnePlaceAreFound() {
    Toolset other = with("other", List.of("paragraph"), new Use("post", "", null));
    assertEquals(ALL.get(2).shared(other), java.util.Optional.of(new Use("post", "", null)));
    assertTrue(ALL.get(0).shared(other).isEmpty());
    assertEquals(ALL.get(2).problems(), List.of());
  }
}
