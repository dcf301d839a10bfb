package app.blenner.server;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;

/**
 * A server under everything at once, killed again and again: people save, bring pictures in, import, put live, save the
 * same text in the same moment; others send slowly, and texts that are made to cost; the disk is full for a while; the
 * site is put in its own place. After every kill it is started again and held against what it had confirmed.
 */
final class Endure {
  private static final String API = "/editor/api";
  private static final int SAVERS = 3;
  private static final int SLOW = 30;

  /** What came of it. */
  record Counts(
      int kills,
      int answers,
      int confirmed,
      int clashes,
      int refusedForRoom,
      int lost,
      int torn,
      int falselyConfirmed,
      int serverErrors,
      List<String> told) {
    boolean isGood() {
      return lost + torn + falselyConfirmed + serverErrors == 0;
    }

    String line() {
      return "%d kills, %d answers, %d confirmed changes, %d clashes, %d refused for want of room; lost %d, torn %d, falsely confirmed %d, answered 5xx %d"
          .formatted(
              kills,
              answers,
              confirmed,
              clashes,
              refusedForRoom,
              lost,
              torn,
              falselyConfirmed,
              serverErrors);
    }
  }

  /** What somebody was told of an item: the number that was confirmed, and the one that was on its way. */
  private static final class Told {
    private volatile int confirmed = -1;
    private volatile int sent = -1;
    private volatile boolean live;
  }

  private final Path data;
  private final int port;
  private final Random random;
  private final Map<String, Told> items = new ConcurrentHashMap<>();
  private final List<String> assets = java.util.Collections.synchronizedList(new ArrayList<>());
  private final List<String> told = java.util.Collections.synchronizedList(new ArrayList<>());
  private final AtomicInteger answers = new AtomicInteger();
  private final AtomicInteger confirmed = new AtomicInteger();
  private final AtomicInteger clashes = new AtomicInteger();
  private final AtomicInteger noRoom = new AtomicInteger();
  private final AtomicInteger lost = new AtomicInteger();
  private final AtomicInteger torn = new AtomicInteger();
  private final AtomicInteger falsely = new AtomicInteger();
  private final AtomicInteger errors = new AtomicInteger();
  private final AtomicInteger next = new AtomicInteger();
  private volatile boolean full;
  private int kills;

  /**
   * @param data where the data lies; on a small disk of its own the disk is filled too
   */
  Endure(Path data, long seed) throws IOException {
    this.data = data;
    this.port = Server.freePort();
    this.random = new Random(seed);
  }

  /** Goes on until a moment, or for so many kills. */
  Counts run(long untilMillis, int mostKills, boolean mayFill) throws Exception {
    while (kills < mostKills && System.currentTimeMillis() < untilMillis) {
      Server server = Server.started(data, port);
      try {
        hold();
        if (kills % 5 == 4) {
          restoreOfItself(server);
        } else {
          round(mayFill && kills % 3 == 2);
        }
      } finally {
        server.kill();
        full = false;
        Files.deleteIfExists(filler());
        kills++;
      }
    }
    Server last = Server.started(data, port);
    try {
      hold();
    } finally {
      last.kill();
    }
    return new Counts(
        kills,
        answers.get(),
        confirmed.get(),
        clashes.get(),
        noRoom.get(),
        lost.get(),
        torn.get(),
        falsely.get(),
        errors.get(),
        List.copyOf(told));
  }

  private Path filler() {
    return data.resolveSibling("filler");
  }

  private Visitor person() {
    return Running.elsewhere(port).signedIn("ilse");
  }

  /** Looks at an answer; false where it was no "done". */
  private boolean isDone(Answer a, String of) {
    answers.incrementAndGet();
    boolean room = a.status() == 507;
    if (room) {
      noRoom.incrementAndGet();
    } else if (a.status() >= 500) {
      errors.incrementAndGet();
      told.add(of + " answered " + a.status() + ": " + a.text());
    }
    return a.status() < 300;
  }

  /** A text in which every word is its number, so that one of two halves would show. */
  private static String body(int n) {
    return "<p>" + ("n" + n + " ").repeat(400).strip() + "</p>";
  }

  private interface Work {
    void once() throws Exception;
  }

  private void round(boolean fills) throws Exception {
    AtomicBoolean ends = new AtomicBoolean();
    List<Thread> hands = new ArrayList<>();
    for (int i = 0; i < SAVERS; i++) {
      Visitor who = person();
      String key = Items.begin(who);
      Told mine = new Told();
      items.put(key, mine);
      hands.add(hand(ends, () -> save(who, key, mine)));
    }
    Visitor carrier = person();
    hands.add(hand(ends, () -> bringIn(carrier)));
    Visitor importer = person();
    hands.add(hand(ends, () -> importText(importer)));
    Visitor publisher = person();
    hands.add(hand(ends, () -> putLive(publisher)));
    Visitor one = person();
    Visitor other = person();
    hands.add(hand(ends, () -> race(one, other)));
    Visitor hostile = person();
    hands.add(hand(ends, () -> tidy(hostile)));
    Visitor reader = Running.elsewhere(port).visitor();
    hands.add(hand(ends, () -> isDone(reader.get("/"), "a reader")));
    List<Socket> slow = slowClients();
    Waiting.letPass(Duration.ofMillis(600 + random.nextInt(1800)), "the storm goes on");
    if (fills) {
      fillForAWhile();
    }
    ends.set(true);
    for (Socket s : slow) {
      s.close();
    }
    // Killed while all of it is under way; the hands see their connections break.
  }

  private Thread hand(AtomicBoolean ends, Work work) {
    Thread hand =
        new Thread(
            () -> {
              try {
                while (!ends.get()) {
                  work.once();
                }
              } catch (Exception | AssertionError gone) {
                // The server was killed.
              }
            });
    hand.setDaemon(true);
    hand.start();
    return hand;
  }

  private void save(Visitor who, String key, Told mine) {
    int n = next.incrementAndGet();
    long revision = Items.revision(who, key);
    mine.sent = n;
    Answer a = Items.save(who, key, revision, Items.content("T" + n, "s", body(n), "visit", null));
    if (isDone(a, "a save")) {
      mine.confirmed = n;
      confirmed.incrementAndGet();
    }
  }

  private void bringIn(Visitor who) throws IOException {
    String name = "endure-" + next.incrementAndGet() + ".png";
    Answer a = who.bringIn(API + "/assets", name, Pngs.of(300, 200, next.incrementAndGet()), false);
    if (isDone(a, "a picture")) {
      assets.add(name);
      confirmed.incrementAndGet();
    }
  }

  private void importText(Visitor who) {
    byte[] text = ("# A title\n\n" + "Words of it. ".repeat(2_000)).getBytes();
    isDone(who.file(API + "/intake/file", "notes.md", text), "an import");
  }

  private void putLive(Visitor who) {
    String key = Items.begin(who);
    int n = next.incrementAndGet();
    Told mine = new Told();
    mine.sent = n;
    items.put(key, mine);
    Answer saved =
        Items.save(
            who,
            key,
            Items.content("Live " + n, "A summary of it.", body(n), "visit", "live-" + n));
    if (isDone(saved, "a save")) {
      mine.confirmed = n;
      if (isDone(Items.act(who, key, "PUT_LIVE"), "going live")) {
        mine.live = true;
        confirmed.incrementAndGet();
      }
    }
  }

  /** Two save on the same state in the same moment: one of them, and no more, may be told "done". */
  private void race(Visitor one, Visitor other) throws Exception {
    String key = Items.begin(one);
    long revision = Items.revision(one, key);
    CyclicBarrier barrier = new CyclicBarrier(2);
    AtomicInteger done = new AtomicInteger();
    List<Thread> both = new ArrayList<>();
    for (Visitor who : List.of(one, other)) {
      int n = next.incrementAndGet();
      Thread t =
          new Thread(
              () -> {
                try {
                  barrier.await();
                  Answer a =
                      Items.save(
                          who, key, revision, Items.content("R" + n, "s", body(n), "visit", null));
                  if (isDone(a, "a race")) {
                    done.incrementAndGet();
                  } else if (a.status() == 409) {
                    clashes.incrementAndGet();
                  }
                } catch (Exception gone) {
                  // The server was killed.
                }
              });
      t.setDaemon(true);
      t.start();
      both.add(t);
    }
    for (Thread t : both) {
      t.join();
    }
    if (done.get() > 1) {
      falsely.incrementAndGet();
      told.add("two saved " + key + " on revision " + revision);
    }
  }

  private void tidy(Visitor who) {
    String text = List.of("\\\"", "[", "> ", "<b>", "a\\n").get(random.nextInt(5)).repeat(20_000);
    isDone(
        who.post(API + "/intake/tidy", "{\"language\":\"en\",\"body\":\"<p>" + text + "</p>\"}"),
        "tidy");
    isDone(
        who.post(
            API + "/writing/markup/reading", "{\"language\":\"HTML\",\"text\":\"" + text + "\"}"),
        "markup");
  }

  private List<Socket> slowClients() throws IOException {
    List<Socket> out = new ArrayList<>();
    for (int i = 0; i < SLOW; i++) {
      Socket s = new Socket("localhost", port);
      s.getOutputStream()
          .write(
              List.of(
                      "G",
                      "GET / HTTP/1.1\r\nHo",
                      "POST / HTTP/1.1\r\nHost: a\r\nContent-Length: 9\r\n\r\n{")
                  .get(i % 3)
                  .getBytes());
      out.add(s);
    }
    return out;
  }

  private void fillForAWhile() throws Exception {
    full = true;
    try (OutputStream out = Files.newOutputStream(filler())) {
      byte[] much = new byte[1 << 16];
      while (true) {
        out.write(much);
      }
    } catch (IOException isFull) {
      // Now it is.
    }
    Waiting.letPass(Duration.ofMillis(700), "the storm goes on");
    if (random.nextBoolean()) {
      Files.deleteIfExists(filler());
      full = false;
      Waiting.letPass(Duration.ofMillis(700), "the storm goes on");
    }
  }

  /** The site in its own place: before, after and half-way it is the same. */
  private void restoreOfItself(Server server) throws Exception {
    Visitor who = person();
    byte[] whole = who.bytes(API + "/archive/site");
    Thread hand =
        new Thread(
            () -> {
              try {
                isDone(who.file(API + "/archive/site", "site.zip", whole), "a restore");
              } catch (RuntimeException gone) {
                // The server was killed.
              }
            });
    hand.setDaemon(true);
    hand.start();
    Waiting.letPass(Duration.ofMillis(100 + random.nextInt(1500)), "the storm goes on");
    server.kill();
    hand.join(10_000);
  }

  /** Holds the server against what it had confirmed. */
  private void hold() {
    Visitor who = person();
    for (Map.Entry<String, Told> e : items.entrySet()) {
      Told t = e.getValue();
      if (t.confirmed < 0) {
        continue;
      }
      Answer a = who.get(API + "/items/" + e.getKey());
      if (a.status() != 200) {
        lost.incrementAndGet();
        told.add(e.getKey() + " is gone: " + a.status());
        continue;
      }
      JsonNode content = a.json().path("content");
      String body = content.path("body").asString();
      if (!body.equals(body(t.confirmed)) && !body.equals(body(t.sent))) {
        boolean whole = body.matches("<p>(n\\d+)(?: \\1){399}</p>");
        (whole ? lost : torn).incrementAndGet();
        told.add(
            e.getKey()
                + " has neither "
                + t.confirmed
                + " nor "
                + t.sent
                + ": "
                + body.substring(0, 40));
      }
      String title = content.path("title").asString();
      if (t.live && !who.get("/visit/live-" + t.confirmed).text().contains(title)) {
        lost.incrementAndGet();
        told.add(title + " is not live");
      }
    }
    for (String name : List.copyOf(assets)) {
      JsonNode asset = who.get(API + "/assets/" + name).json().path("asset");
      if (who.get(asset.path("url").asString()).status() != 200) {
        lost.incrementAndGet();
        told.add(name + " has no file");
      }
    }
    if (items.size() > 400) {
      items.clear(); // each was held against what was confirmed more than once
      assets.clear();
    }
  }
}
