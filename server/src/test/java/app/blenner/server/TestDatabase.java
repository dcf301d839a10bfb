package app.blenner.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * Where the tests keep their data: in the database file of each data folder, or, with {@code
 * -Dtests.database=postgresql}, in a database for each data folder on a PostgreSQL of this run's own.
 */
final class TestDatabase {
  static final boolean EMBEDDED = !"postgresql".equals(System.getProperty("tests.database", ""));

  /** What marks tests that are about the database file. */
  static final String OF_THE_FILE = "embedded";

  /** What marks tests that are about a PostgreSQL somebody named. */
  static final String OF_POSTGRESQL = "postgresql";

  private static int port;

  private TestDatabase() {}

  /** What a server with this data folder is told. */
  static synchronized List<String> told(Path data) {
    return EMBEDDED ? List.of() : named(name(data));
  }

  /** What a server is told that keeps its data in the database of this name, an empty one where there is none. */
  static synchronized List<String> named(String name) {
    try {
      make(name, "");
      return List.of("--blenner.database=" + address(name), "--blenner.database-user=postgres");
    } catch (Exception e) {
      throw new IllegalStateException("no PostgreSQL for the tests", e);
    }
  }

  /** Makes the database of a data folder a copy of the demo's. */
  static synchronized void copyTo(Path data) throws Exception {
    if (!EMBEDDED) {
      make(name(data), " template " + DemoData.TEMPLATE);
    }
  }

  private static String name(Path data) {
    return "t" + Integer.toHexString(data.toAbsolutePath().normalize().hashCode());
  }

  static String address(String name) {
    return "jdbc:postgresql://localhost:" + port + "/" + name;
  }

  static void make(String name) throws SQLException {
    create(name, "");
  }

  private static void make(String name, String from) throws Exception {
    if (port == 0) {
      start();
    }
    create(name, from);
  }

  private static void create(String name, String from) throws SQLException {
    try (Connection connection = DriverManager.getConnection(address("postgres"), "postgres", "");
        Statement statement = connection.createStatement()) {
      try (ResultSet there =
          statement.executeQuery("select 1 from pg_database where datname = '" + name + "'")) {
        if (there.next()) {
          return;
        }
      }
      statement.execute("create database " + name + from);
    }
  }

  private static void start() throws Exception {
    Path programs;
    try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
      programs = versions.max(Comparator.naturalOrder()).orElseThrow().resolve("bin");
    }
    Path folder = Files.createTempDirectory("blenner-postgresql");
    Path data = folder.resolve("data");
    run("chmod", "777", folder.toString());
    int free = Server.freePort();
    asPostgres(
        programs.resolve("initdb").toString(),
        "--pgdata=" + data,
        "--username=postgres",
        "--auth=trust",
        "--encoding=UTF8",
        "--locale=C.UTF-8",
        "--no-sync");
    // What a test keeps need not outlive a power cut.
    String settings =
        "-p " + free + " -c fsync=off -c max_connections=300 -c unix_socket_directories=" + folder;
    asPostgres(
        programs.resolve("pg_ctl").toString(),
        "start",
        "--pgdata=" + data,
        "--log=" + folder.resolve("log"),
        "--wait",
        "--options=" + settings);
    port = free;
    Runtime.getRuntime()
        .addShutdownHook(
            new Thread(
                () -> {
                  try {
                    asPostgres(
                        programs.resolve("pg_ctl").toString(),
                        "stop",
                        "--pgdata=" + data,
                        "--mode=immediate");
                  } catch (Exception e) {
                    e.printStackTrace();
                  }
                }));
  }

  /** PostgreSQL refuses to run as root. */
  private static void asPostgres(String... command) throws Exception {
    List<String> all = new ArrayList<>(List.of(command));
    if ("root".equals(System.getProperty("user.name"))) {
      all.addAll(0, List.of("runuser", "-u", "postgres", "--"));
    }
    run(all.toArray(String[]::new));
  }

  private static void run(String... command) throws IOException, InterruptedException {
    Path said = Files.createTempFile("blenner-said", ".log");
    Process process =
        new ProcessBuilder(command)
            .directory(Path.of("/tmp").toFile())
            .redirectErrorStream(true)
            .redirectOutput(said.toFile())
            .start();
    if (!process.waitFor(60, TimeUnit.SECONDS) || process.exitValue() != 0) {
      throw new IOException(String.join(" ", command) + ": " + Files.readString(said));
    }
  }
}
