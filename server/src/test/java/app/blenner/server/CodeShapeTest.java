package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.Stage;
import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What whoever carries the code on can count on: methods that fit a screen, and names that say one thing. */
public class CodeShapeTest {
  private static final List<String> MODULES = List.of("../core", "../spelling", ".");

  /** So many lines, with its signature and its braces, can be seen at once. */
  private static final int LONGEST_METHOD = 60;

  private static final int MOST_PARAMETERS = 7;

  /** Words that once stood for ideas which have a name in the field; no type is called so again. */
  private static final Set<String> NO_NAMES =
      Set.of(
          "About",
          "Allowance",
          "Among",
          "Around",
          "AtHand",
          "Belongings",
          "Beyond",
          "BringIn",
          "Coming",
          "Concern",
          "Concerned",
          "Data",
          "Detours",
          "Elsewhere",
          "Excess",
          "FirstFill",
          "Given",
          "Head",
          "Headway",
          "Held",
          "Helper",
          "Hidden",
          "Holder",
          "Holding",
          "Judge",
          "Judging",
          "Lazily",
          "Level",
          "LongLists",
          "Manager",
          "Names",
          "Noted",
          "Opening",
          "Overrule",
          "Readings",
          "ReadyMade",
          "Room",
          "Rooms",
          "Several",
          "SoleUser",
          "Stopping",
          "Stuff",
          "Surroundings",
          "Sweeping",
          "Taken",
          "Told",
          "Tongue",
          "TryLimiter",
          "Undress",
          "Util",
          "Utils",
          "Weight",
          "Wire");

  /** What marks parameters that are told by their names and never by their order: those of a request, or of a query. */
  private static final Set<String> NAMED = Set.of("Query", "RequestParam", "RequestPart");

  /** A method of the code, as far as this test asks. */
  private record Method(String place, int lines, int parameters) {}

  private final Map<String, List<String>> types = new TreeMap<>();
  private final List<Method> methods = new ArrayList<>();

  @BeforeClass
  public void read() throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
      List<Path> sources = new ArrayList<>();
      for (String module : MODULES) {
        try (Stream<Path> all = Files.walk(Path.of(module, "src/main/java"))) {
          all.filter(p -> p.toString().endsWith(".java"))
              .filter(p -> !p.endsWith("package-info.java"))
              .forEach(sources::add);
        }
      }
      JavacTask task =
          (JavacTask)
              compiler.getTask(
                  null, files, null, List.of(), null, files.getJavaFileObjectsFromPaths(sources));
      SourcePositions positions = Trees.instance(task).getSourcePositions();
      for (CompilationUnitTree unit : task.parse()) {
        unit.getTypeDecls().stream()
            .filter(ClassTree.class::isInstance)
            .map(t -> ((ClassTree) t).getSimpleName().toString())
            .forEach(
                name ->
                    types
                        .computeIfAbsent(name, n -> new ArrayList<>())
                        .add(unit.getPackageName().toString()));
        unit.accept(new Reader(unit, positions), null);
      }
    }
    assertTrue(methods.size() > 3_000, methods.size() + " methods were read");
  }

  private final class Reader extends TreeScanner<Void, Void> {
    private final CompilationUnitTree unit;
    private final SourcePositions positions;

    Reader(CompilationUnitTree unit, SourcePositions positions) {
      this.unit = unit;
      this.positions = positions;
    }

    @Override
    public Void visitMethod(MethodTree method, Void none) {
      LineMap lines = unit.getLineMap();
      // The comment before a method belongs to it, and is not part of what has to be kept in mind.
      long first = positions.getStartPosition(unit, method);
      long last = positions.getEndPosition(unit, method);
      boolean counts =
          method.getReturnType() != null
              && Stream.concat(
                      method.getModifiers().getAnnotations().stream(),
                      method.getParameters().stream()
                          .flatMap(p -> p.getModifiers().getAnnotations().stream()))
                  .map(a -> a.getAnnotationType().toString())
                  .noneMatch(NAMED::contains);
      if (last > 0) {
        methods.add(
            new Method(
                unit.getPackageName()
                    + " "
                    + unit.getSourceFile().getName().replaceAll(".*/|\\.java", "")
                    + "."
                    + method.getName(),
                (int) (lines.getLineNumber(last) - lines.getLineNumber(first) + 1),
                counts ? method.getParameters().size() : 0));
      }
      return super.visitMethod(method, none);
    }
  }

  /** Fails with each, a line of its own. */
  private static void assertNone(List<String> found) {
    assertEquals(String.join("\n", found), "");
  }

  @Test
  public void noMethodIsLongerThanAScreen() {
    assertNone(
        methods.stream()
            .filter(m -> m.lines > LONGEST_METHOD)
            .map(m -> m.place + " has " + m.lines + " lines")
            .toList());
  }

  /**
   * Constructors are left out, since those of services take what they work with, one each; and what answers a request or
   * is a query, whose parameters have names outside the code.
   */
  @Test
  public void noMethodAsksForMoreThanCanBeToldApart() {
    assertNone(
        methods.stream()
            .filter(m -> m.parameters > MOST_PARAMETERS)
            .map(m -> m.place + " has " + m.parameters + " parameters")
            .toList());
  }

  @Test
  public void noTwoTypesShareAName() {
    assertNone(
        types.entrySet().stream()
            .filter(t -> t.getValue().size() > 1)
            .map(t -> t.getKey() + " in " + t.getValue())
            .toList());
  }

  @Test
  public void ideasHaveTheNamesOfTheField() {
    Set<String> found = new TreeSet<>(types.keySet());
    found.retainAll(NO_NAMES);
    assertEquals(found, Set.of());
  }

  /** Where the parts of an addition stand: the code of the server and of the browser, but for what the build makes. */
  private static List<Path> code() throws IOException {
    List<Path> code = new ArrayList<>();
    for (String module : List.of("../core/src/main/java", "src/main/java", "../web/src")) {
      try (Stream<Path> all = Files.walk(Path.of(module))) {
        all.filter(p -> p.toString().matches(".*\\.(java|tsx?)"))
            .filter(p -> !p.toString().matches(".*(\\.test\\.tsx?|schema\\.d\\.ts)"))
            .forEach(code::add);
      }
    }
    return code;
  }

  /** The files that name something, outside its own folder. */
  private static Set<String> naming(String regex, String but) throws IOException {
    Pattern name = Pattern.compile(regex);
    Set<String> files = new TreeSet<>();
    for (Path source : code()) {
      if (!source.toString().matches(but) && name.matcher(Files.readString(source)).find()) {
        files.add(source.getFileName().toString());
      }
    }
    return files;
  }

  /** What an addition costs is told as it is: whoever makes it cheaper, or dearer, says so in the page about adding. */
  private static void assertTold(Set<String> files, int most, String heading) throws IOException {
    assertTrue(files.size() <= most, heading + ": " + files);
    String page = Files.readString(Path.of("../docs/adding.md"));
    Matcher part = Pattern.compile("(?s)## " + heading + "\n(.*?)(\n## |$)").matcher(page);
    assertTrue(part.find(), heading);
    Set<String> untold = new TreeSet<>(files);
    untold.removeIf(file -> part.group(1).contains(file));
    assertEquals(untold, Set.of(), heading);
  }

  /** The simplest block, without the help of somebody who types it. */
  @Test
  public void aBlockCostsAtMostEightFiles() throws IOException {
    Set<String> files = naming("\\bDivider\\b|\\bDIVIDER\\b|\\bdivider\\b", ".*/plugins/.*");
    assertTold(files, 8, "A block");
  }

  /** One that is read and written, outside the package of its reader and writer and what assets may be. */
  @Test
  public void aFormatCostsAtMostFourFilesEachWay() throws IOException {
    Set<String> files =
        naming("\\bODT\\b|\\bOdt(Reader|Writer)\\b|'\\.?odt'", ".*/(format|media)/.*");
    Set<String> writing = new TreeSet<>(files);
    writing.removeIf(file -> !file.matches("(?i)out.*|forms.*"));
    files.removeAll(writing);
    // Its reader, and its writer.
    assertTold(files, 4 - 1, "A format");
    assertTold(writing, 4 - 1, "A format");
  }

  @Test
  public void aRightCostsAtMostTwoFiles() throws IOException {
    assertTold(naming("\\bWHOLE_SITE\\b", "-"), 2, "A right");
  }

  /** What is said of each stage is in the table of states; a stage more would be forgotten in a list of cases. */
  @Test
  public void nobodyGoesThroughStagesByHand() throws IOException {
    String stages = Stream.of(Stage.values()).map(Enum::name).collect(Collectors.joining("|"));
    assertEquals(naming("case '?(" + stages + ")\\b", "-"), Set.of());
  }

  /** A test that waits so and so long is slow where it waits too long, and fails where that was not enough. */
  @Test
  public void testsWaitForSomethingNotForAWhile() throws IOException {
    Pattern wait = Pattern.compile("Thread\\.sleep|waitForTimeout|TimeUnit\\.\\w+\\.sleep");
    Set<String> places =
        Set.of(
            "Waiting.java",
            "BrowserTest.java",
            "App.java",
            "SheetSpeed.java",
            "CodeShapeTest.java");
    Set<String> found = new TreeSet<>();
    for (String module : List.of("core", "spelling", "server", "e2e")) {
      try (Stream<Path> all = Files.walk(Path.of("..", module, "src/test/java"))) {
        for (Path source : all.filter(p -> p.toString().endsWith(".java")).toList()) {
          String name = source.getFileName().toString();
          if (!places.contains(name) && wait.matcher(Files.readString(source)).find()) {
            found.add(name);
          }
        }
      }
    }
    assertEquals(found, Set.of());
  }
}
