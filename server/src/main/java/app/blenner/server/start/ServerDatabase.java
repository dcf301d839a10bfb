package app.blenner.server.start;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Properties;

/** A PostgreSQL database that somebody named: whether it can be used is found out before anything is made in it. */
final class ServerDatabase {
  private static final String PREFIX = "jdbc:postgresql:";
  private static final int SECONDS = 10;

  private final String url;
  private final String shown;
  private final String user;

  private ServerDatabase(String url, String user) {
    this.url = url;
    this.shown = addressShown(url);
    this.user = user;
  }

  /** The address without what stands behind the question mark: passwords may stand there. */
  static String addressShown(String url) {
    return url.replaceFirst("\\?.*", "").replaceFirst("^jdbc:", "");
  }

  /**
   * Looks whether a database can be used.
   *
   * @param url its JDBC address
   * @throws StartRefused with what to do, where it cannot
   */
  static void check(String url, String user, String password) {
    if (!url.startsWith(PREFIX)) {
      throw new StartRefused(
          "“"
              + addressShown(url)
              + "” is no database Blenner knows. Leave --database out to keep everything in the data folder, or name a"
              + " PostgreSQL database: jdbc:postgresql://localhost/blenner");
    }
    new ServerDatabase(url, user).check(password);
  }

  private void check(String password) {
    Properties how = new Properties();
    how.setProperty("user", user);
    how.setProperty("password", password);
    how.setProperty("connectTimeout", String.valueOf(SECONDS));
    try (Connection connection = DriverManager.getConnection(url, how);
        Statement statement = connection.createStatement()) {
      String encoding = only(statement, "show server_encoding");
      if (!"UTF8".equals(encoding)) {
        throw new StartRefused(
            shown
                + " keeps text as "
                + encoding
                + ", in which not every letter can be written. Make a database with the encoding UTF8.");
      }
      boolean known =
          "t".equals(only(statement, "select to_regclass('flyway_schema_history') is not null"));
      if (known) {
        String version =
            only(
                statement,
                "select version from flyway_schema_history where success and version is not null"
                    + " order by installed_rank desc limit 1");
        StartCheck.refuseNewer(version, shown);
      } else if (!"0"
          .equals(
              only(
                  statement,
                  "select count(*) from pg_tables where schemaname = current_schema()"))) {
        throw new StartRefused(
            shown
                + " holds tables of another program, and was left as it is. Name an empty database.");
      }
    } catch (SQLException e) {
      throw refused(e);
    }
  }

  private static String only(Statement statement, String query) throws SQLException {
    try (ResultSet found = statement.executeQuery(query)) {
      return found.next() ? found.getString(1) : "";
    }
  }

  /** By the classes of SQLSTATE: 08 is the connection, 28 who may sign in, 3D the name of the database. */
  private StartRefused refused(SQLException e) {
    String state = e.getSQLState() == null ? "" : e.getSQLState();
    if (state.startsWith("28")) {
      return new StartRefused(
          "PostgreSQL does not let “"
              + user
              + "” into "
              + shown
              + ". Say who may in BLENNER_DATABASE_USER and BLENNER_DATABASE_PASSWORD.",
          e);
    }
    if (state.startsWith("3D")) {
      return new StartRefused(
          "There is no database " + shown + ". Make it with createdb, or name another.", e);
    }
    if (state.startsWith("08") || state.startsWith("57")) {
      return new StartRefused(
          "The database "
              + shown
              + " cannot be reached. Start PostgreSQL, or mend the address behind --database.",
          e);
    }
    return new StartRefused("The database " + shown + " cannot be used: " + e.getMessage(), e);
  }
}
