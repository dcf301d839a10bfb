package app.blenner.core.archive;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/** Archives and set-ups that somebody made to do harm. */
public class HostilePackageTest {
  private static final int TWO_MEGABYTES = 2_000_000;

  private Path many;

  private static Path zip(String... names) throws IOException {
    Path zip = Files.createTempFile("hostile", ".zip");
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      for (String name : names) {
        out.putNextEntry(new ZipEntry(name));
        String text = name.endsWith("assets.yaml") ? "a.png: {title: A}" : "name: A";
        out.write(text.getBytes(StandardCharsets.UTF_8));
      }
    }
    return zip;
  }

  private static Path folder() throws IOException {
    return Files.createTempDirectory("package");
  }

  @DataProvider
  Object[][] unnamed() {
    return new Object[][] {
      {"run.sh"},
      {"site.yaml.bak"},
      {"assets/b.png"},
      {"assets/a.png/b.png"},
      {"items/a.js"},
      {"items/deep/a.html"},
      {"outlines/a.html/b"},
      {"WEB-INF/web.xml"},
    };
  }

  @Test(dataProvider = "unnamed")
  public void whatNobodyNamesIsRefusedAndNothingUnpacked(String name) throws IOException {
    for (String root : List.of("", "site/")) {
      Path to = folder();
      Path zip = zip(root + "site.yaml", root + "assets.yaml", root + "assets/a.png", root + name);
      IllegalArgumentException e =
          expectThrows(IllegalArgumentException.class, () -> PackageZip.unpack(zip, to));
      assertTrue(e.getMessage().contains("“" + name + "”"), e.getMessage());
      try (var there = Files.list(to)) {
        assertEquals(there.count(), 0);
      }
    }
  }

  @Test
  public void whatSystemsLeaveBehindIsNoHarmAndComesNowhere() throws IOException {
    Path to = folder();
    PackageZip.unpack(
        zip("a/site.yaml", "a/.DS_Store", "__MACOSX/a/._site.yaml", "a/items/Thumbs.db"), to);
    assertTrue(Files.exists(to.resolve("site.yaml")));
    assertFalse(Files.exists(to.resolve(".DS_Store")));
  }

  @BeforeClass
  public void many() throws IOException {
    String[] names = new String[60_001];
    names[0] = "site.yaml";
    for (int i = 1; i < names.length; i++) {
      names[i] = "assets/" + i + ".png";
    }
    many = zip(names);
  }

  @Test(timeOut = 10_000)
  public void sixtyThousandEntriesAreJudgedByTheirNames() throws IOException {
    Path to = folder();
    expectThrows(IllegalArgumentException.class, () -> PackageZip.unpack(many, to));
  }

  @DataProvider
  Object[][] wrong() {
    return new Object[][] {
      {"name: [a, b]", "“name” should be words"},
      {"name: {a: b}", "“name” should be words"},
      {"contact-address: [a@example.org]", "“contact-address” should be words"},
      {"kinds: word", "“kinds” should be a list"},
      {"kinds: [word]", "should hold names with values"},
      {"fetch-hosts: [[a]]", "“fetch-hosts” should be words"},
      {"house: [a]", "should hold names with values"},
      {"toolsets: {a: b}", "“toolsets” should be a list"},
      {"1: a\nname: b", "should be a name in letters"},
      {"name: &a [*a]", "stands within itself"},
      {"kinds: &k [*k]", "stands within itself"},
      {"house: &h {words: *h}", "stands within itself"},
      {"name: b\nx: " + "[".repeat(60) + "]".repeat(60), "not the YAML"},
      {"- a", "should hold names with values"},
      {"name: !!java.net.URL [\"http://a.example\"]", "not the YAML"},
    };
  }

  @Test(dataProvider = "wrong")
  public void whatIsOfAnotherTypeIsToldInWords(String yaml, String told) {
    IllegalArgumentException e =
        expectThrows(IllegalArgumentException.class, () -> SetUpFile.read(yaml));
    assertTrue(e.getMessage().contains(told), e.getMessage());
  }

  @DataProvider
  Object[][] lists() throws IOException {
    Yaml safe = new Yaml(new SafeConstructor(new LoaderOptions()));
    Map<String, Object> demo =
        safe.load(new StringReader(Files.readString(Path.of("../demo/site.yaml"))));
    List<Object[]> out = new ArrayList<>();
    demo.forEach(
        (part, value) -> {
          if (value instanceof List<?> list && !list.isEmpty()) {
            out.add(new Object[] {part, list});
          }
        });
    assertTrue(out.size() >= 4, "parts of the demo that are lists");
    return out.toArray(Object[][]::new);
  }

  /** What takes longer than this at two megabytes grows with more than their number. */
  @Test(dataProvider = "lists", timeOut = 20_000)
  public void twoMegabytesOfAnyListAreReadOrRefusedSoon(String part, List<?> entries) {
    StringBuilder yaml = new StringBuilder("name: A\n" + part + ":\n");
    for (int i = 0; yaml.length() < TWO_MEGABYTES; i++) {
      Object entry = entries.get(i % entries.size());
      yaml.append("- ").append(numbered(entry, i)).append('\n');
    }
    try {
      assertTrue(SetUpFile.read(yaml.toString()).has(part));
    } catch (IllegalArgumentException refused) {
      assertFalse(refused.getMessage().isBlank(), part);
    }
  }

  private static String numbered(Object entry, int number) {
    if (!(entry instanceof Map<?, ?> map)) {
      return "word-" + number + ".example";
    }
    Map<String, Object> other = new LinkedHashMap<>();
    map.forEach((k, v) -> other.put(String.valueOf(k), v));
    for (String name : List.of("name", "label", "plural", "host")) {
      if (other.containsKey(name)) {
        other.put(name, other.get(name) + (name.equals("name") ? "" : " ") + number);
      }
    }
    return YamlFields.yaml(other).indent(2).strip();
  }
}
