package app.blenner.server.start;

import app.blenner.server.disk.Compaction;
import app.blenner.server.disk.RetryingFileSystem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.context.logging.LoggingApplicationListener;
import org.springframework.context.ApplicationListener;
import org.springframework.core.Ordered;
import org.springframework.core.env.Environment;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Looks, before anything is made or opened for writing, whether this server can start. It is asked before the log is
 * opened, so that a start which is refused leaves nothing behind.
 */
public final class StartCheck
    implements ApplicationListener<ApplicationEnvironmentPreparedEvent>, Ordered {
  /** The name of the system property that says, for the log, which folder was asked for. */
  static final String FOLDER = "blenner.asked.folder";

  /** H2's code {@code DATABASE_ALREADY_OPEN_1}. */
  private static final int ALREADY_OPEN = 90020;

  /** H2's codes {@code TABLE_OR_VIEW_NOT_FOUND_1} and its like for a database with no table at all. */
  private static final Set<Integer> NO_SUCH_TABLE = Set.of(42102, 42103, 42104);

  @Override
  public int getOrder() {
    return LoggingApplicationListener.DEFAULT_ORDER - 1;
  }

  @Override
  public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
    RetryingFileSystem.register();
    Environment told = event.getEnvironment();
    System.setProperty(FOLDER, told.getProperty("blenner.data", ""));
    port(told);
    Path folder = folder(told.getProperty("blenner.data", ""));
    String database = told.getProperty("blenner.database", "");
    if (database.isEmpty()) {
      database(folder);
    } else {
      ServerDatabase.check(
          database,
          told.getProperty("spring.datasource.username", ""),
          told.getProperty("spring.datasource.password", ""));
    }
  }

  private static void port(Environment told) {
    int port = told.getProperty("server.port", Integer.class, 0);
    if (port < 0 || port > 65_535) {
      throw new StartRefused("There is no port " + port + "; ports go from 1 to 65535.");
    }
    if (port == 0) {
      return;
    }
    String address = told.getProperty("server.address", "");
    try (ServerSocket socket = new ServerSocket()) {
      socket.setReuseAddress(true);
      socket.bind(
          address.isEmpty()
              ? new InetSocketAddress(port)
              : new InetSocketAddress(InetAddress.getByName(address), port));
    } catch (IOException e) {
      throw new StartRefused(
          "Port "
              + port
              + " is in use by another program. Stop that one, or start Blenner with another: --port "
              + (port == 65_535 ? 8080 : port + 1)
              + ".",
          e);
    }
  }

  private static Path folder(String data) {
    Path folder;
    try {
      folder = Path.of(data).toAbsolutePath().normalize();
    } catch (InvalidPathException e) {
      throw new StartRefused("“" + data + "” cannot be a folder’s name.", e);
    }
    Path at = folder;
    while (at != null && !Files.exists(at)) {
      at = at.getParent();
    }
    if (at == null || !Files.isDirectory(at)) {
      throw new StartRefused(
          "The folder " + folder + " cannot be made, since " + at + " is a file. Name another.");
    }
    if (!Files.isWritable(at)) {
      throw new StartRefused(
          "The folder "
              + at
              + " cannot be written to. Let the user that Blenner runs as write there, or name another folder"
              + " with --data.");
    }
    return folder;
  }

  /** Opens the database for reading only, so that one of another version or with damage stays as it is. */
  private static void database(Path folder) {
    Path file = folder.resolve("blenner.mv.db");
    if (!Files.exists(file)) {
      return;
    }
    String url = "jdbc:h2:patient:" + folder.resolve("blenner") + ";IFEXISTS=TRUE";
    boolean large = false;
    try (Connection connection =
            DriverManager.getConnection(url + ";ACCESS_MODE_DATA=r", "blenner", "");
        Statement statement = connection.createStatement();
        ResultSet versions =
            statement.executeQuery(
                "select \"version\" from \"flyway_schema_history\" where \"success\""
                    + " and \"version\" is not null order by \"installed_rank\" desc limit 1")) {
      if (versions.next()) {
        refuseNewer(versions.getString(1), folder.toString());
      }
      large = Compaction.isWorthIt(connection);
    } catch (SQLException e) {
      refuse(folder, e);
    }
    if (large) {
      compact(folder);
    }
  }

  private static void compact(Path folder) {
    try {
      Compaction.run(folder);
    } catch (SQLException e) {
      // A large file is no reason not to start; the next start tries again.
      System.err.println("The database could not be made smaller: " + e.getMessage());
    }
  }

  /** Refuses data that a newer Blenner has written. */
  static void refuseNewer(String version, String where) {
    if (isNewer(version)) {
      throw new StartRefused(
          "The data in "
              + where
              + " is of a newer Blenner than this one, and was left as it is. Start it with that"
              + " version, or a newer one.");
    }
  }

  /** Each migration this Blenner knows is a file of its own, named by its number. */
  private static boolean isNewer(String version) {
    try {
      Resource[] known =
          new PathMatchingResourcePatternResolver().getResources("classpath*:db/*/V*.sql");
      int highest =
          Stream.of(known)
              .map(Resource::getFilename)
              .mapToInt(n -> Integer.parseInt(n.substring(1, n.indexOf("__"))))
              .max()
              .orElse(0);
      return Integer.parseInt(version) > highest;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void refuse(Path folder, SQLException e) {
    if (e.getErrorCode() == ALREADY_OPEN) {
      throw new StartRefused(
          "The folder "
              + folder
              + " is in use by another Blenner. Stop that one, or name another folder with --data.",
          e);
    }
    if (NO_SUCH_TABLE.contains(e.getErrorCode())) {
      return; // a start that was broken off before the first table
    }
    throw new StartRefused(
        "The database "
            + folder.resolve("blenner.mv.db")
            + " is damaged or cannot be read, and was left as it is. Put a copy of it back from a backup,"
            + " or start with an empty folder and bring in an archive of the site.",
        e);
  }
}
