package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/**
 * Thirty people do the same thing in the same moment, and readers read meanwhile. Each is told "done", or that there is more
 * to do than the server can just now; nobody is refused for what they did not do, and no reader for what editors do.
 */
public class AtOnceTest {
  private static final int MANY = 30;
  private static final int READERS = 8;
  private static final String BODY =
      "<h2>Where</h2>\n<p>The same words for everybody.</p>\n<ul>\n<li>One</li>\n<li>Two</li>\n</ul>";

  private final Running running = Running.fresh("demo");
  private final Visitor editor = running.signedIn("ilse");
  private final List<Visitor> people = new ArrayList<>();
  private final ExecutorService hands = Executors.newFixedThreadPool(MANY + READERS);
  private int made;

  @BeforeClass
  public void comeIn() {
    for (int i = 0; i < MANY; i++) {
      people.add(running.signedIn(i % 2 == 0 ? "ilse" : "tove"));
    }
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    hands.shutdownNow();
    running.close();
  }

  /** What each of thirty is told who do something in the same moment, while others read. */
  private List<Answer> atOnce(IntFunction<Answer> does) throws Exception {
    AtomicBoolean over = new AtomicBoolean();
    List<Future<TreeSet<Integer>>> readers = new ArrayList<>();
    for (int i = 0; i < READERS; i++) {
      readers.add(hands.submit(() -> read(over)));
    }
    CyclicBarrier barrier = new CyclicBarrier(MANY);
    List<Future<Answer>> answers = new ArrayList<>();
    for (int i = 0; i < MANY; i++) {
      int hand = i;
      answers.add(
          hands.submit(
              () -> {
                barrier.await();
                return does.apply(hand);
              }));
    }
    List<Answer> out = new ArrayList<>();
    for (Future<Answer> answer : answers) {
      out.add(answer.get());
    }
    over.set(true);
    for (Future<TreeSet<Integer>> reader : readers) {
      assertEquals(reader.get().toString(), "[200]", "what readers get meanwhile");
    }
    return out;
  }

  private TreeSet<Integer> read(AtomicBoolean over) {
    Visitor reader = running.visitor();
    TreeSet<Integer> got = new TreeSet<>();
    List<String> pages = List.of("/", "/visit", "/night-sky", "/feed/atom.xml", "/search?q=sky");
    for (int i = 0; !over.get(); i++) {
      got.add(reader.get(pages.get(i % pages.size())).status());
    }
    return got;
  }

  /** All succeed, or are told why not by what is true. */
  private static int done(List<Answer> answers) {
    int done = 0;
    for (Answer answer : answers) {
      if (answer.status() < 300) {
        done++;
      } else {
        assertEquals(answer.status(), 503, answer.text());
        assertTrue(answer.sentence().contains("more to do than it can"), answer.sentence());
      }
    }
    assertTrue(done >= MANY * 9 / 10, done + " of " + MANY);
    return done;
  }

  private String item(String title) {
    String key = Items.begin(editor);
    ObjectNode content =
        Items.content(title, "A summary of it", BODY, "visit", "at-once-" + ++made);
    assertEquals(Items.save(editor, key, content).status(), 200);
    return key;
  }

  @Test
  public void beginning() throws Exception {
    done(
        atOnce(
            i ->
                people
                    .get(i)
                    .post(
                        "/editor/api/items",
                        "{\"kind\":\"article\",\"title\":\"The same\",\"body\":\"<p>Same</p>\"}")));
  }

  @Test
  public void copying() throws Exception {
    String key = item("To be copied");
    done(atOnce(i -> editorAt(i).post("/editor/api/items/" + key + "/copy", "{}")));
  }

  /** Versions are kept by what is in them: thirty of the same are one. */
  @Test
  public void savingTheSameText() throws Exception {
    List<String> keys = IntStream.range(0, MANY).mapToObj(i -> item("Save " + i)).toList();
    ObjectNode same =
        Items.content("The same", "A summary", BODY + "\n<p>New to all.</p>", "visit", null);
    done(atOnce(i -> Items.save(editorAt(i), keys.get(i), same)));
  }

  @Test
  public void puttingLive() throws Exception {
    List<String> keys = IntStream.range(0, MANY).mapToObj(i -> item("Live " + i)).toList();
    done(atOnce(i -> Items.act(editorAt(i), keys.get(i), "PUT_LIVE")));
  }

  @Test
  public void takingOutAndLookingOver() throws Exception {
    List<String> keys = IntStream.range(0, MANY).mapToObj(i -> item("Read " + i)).toList();
    done(
        atOnce(
            i ->
                i % 2 == 0
                    ? editorAt(i).get("/editor/api/items/" + keys.get(i) + "/out/DOCX")
                    : editorAt(i).get("/editor/api/worklist")));
  }

  private Visitor editorAt(int hand) {
    return people.get(hand - hand % 2);
  }
}
