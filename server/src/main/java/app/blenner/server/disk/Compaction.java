package app.blenner.server.disk;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * H2 writes what is new behind what is old, and uses the room of what is old again only later; under load the file grows far
 * beyond what is in it. It can be written again only while nobody uses it: at a start, and by {@code ./blenner verify}.
 */
public final class Compaction {
  /** A file as small as this is left as it is. */
  private static final long SMALL = 8_000_000;

  /** Of a hundred bytes of the file, so many at least should be in use. */
  private static final int WANTED = 60;

  private Compaction() {}

  /** Whether a database, open for reading, is worth being written again. */
  public static boolean isWorthIt(Connection database) throws SQLException {
    return setting(database, "info.FILE_SIZE") > SMALL
        && setting(database, "info.CHUNKS_FILL_RATE") < WANTED;
  }

  private static long setting(Connection database, String name) throws SQLException {
    String query =
        "select setting_value from information_schema.settings where setting_name = '" + name + "'";
    try (Statement statement = database.createStatement();
        ResultSet found = statement.executeQuery(query)) {
      return found.next() ? Long.parseLong(found.getString(1)) : 0;
    }
  }

  /**
   * Writes the database of a data folder again, without what is old, and closes it. Nobody may have it open.
   *
   * @throws SQLException where it cannot be opened, or not be written
   */
  public static void run(Path folder) throws SQLException {
    String url = "jdbc:h2:patient:" + folder.resolve("blenner") + ";IFEXISTS=TRUE";
    // It is closed by what is done, so closing the connection has nothing left to do.
    try (Connection database = DriverManager.getConnection(url, "blenner", "");
        Statement statement = database.createStatement()) {
      statement.execute("shutdown compact");
    }
  }
}
