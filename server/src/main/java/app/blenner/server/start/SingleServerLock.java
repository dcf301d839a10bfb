package app.blenner.server.start;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Sessions and pages made are remembered by the one server there is, so a second one must not use the same PostgreSQL
 * database. (The file of H2 is locked by H2 itself.) The lock goes with the connection, also when the server is killed.
 */
@Component
@ConditionalOnProperty("blenner.database")
class SingleServerLock {
  /** The letters BLEN; any number would do that nothing else in this database takes. */
  private static final int LOCK = 0x424C454E;

  /** The connection of a server that was killed goes a moment later. */
  private static final int TRIES = 20;

  private static final int PAUSE_MILLIS = 250;

  private final Connection connection;

  SingleServerLock(
      @Value("${blenner.database}") String url,
      @Value("${spring.datasource.username}") String user,
      @Value("${spring.datasource.password}") String password)
      throws SQLException, InterruptedException {
    connection = DriverManager.getConnection(url, user, password);
    for (int i = 0; !isMine(); i++) {
      if (i == TRIES) {
        connection.close();
        throw new StartRefused(
            "The database "
                + ServerDatabase.addressShown(url)
                + " is in use by another Blenner. Stop that one, or name another database.");
      }
      Thread.sleep(PAUSE_MILLIS);
    }
  }

  private boolean isMine() throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet found = statement.executeQuery("select pg_try_advisory_lock(" + LOCK + ")")) {
      return found.next() && found.getBoolean(1);
    }
  }

  @PreDestroy
  void close() throws SQLException {
    connection.close();
  }
}
