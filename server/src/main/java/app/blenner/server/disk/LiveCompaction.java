package app.blenner.server.disk;

import app.blenner.server.schedule.BackgroundThreads;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Makes the database's file small again while it is in use, after very much was put in the place of what was there: what is
 * still needed of mostly empty parts is written together, and the parts are given back. Whoever saves waits meanwhile, so
 * that it is done only then; a start does it for all else.
 */
@Component
public class LiveCompaction implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(LiveCompaction.class);

  /** H2 gives room back only where it comes to the end within this time. */
  private static final int LONGEST = (int) TimeUnit.SECONDS.toMillis(30);

  private final DataSource database;
  private final ExecutorService background = BackgroundThreads.one("compaction");

  LiveCompaction(DataSource database) {
    this.database = database;
  }

  /** Has the file looked at soon, and made small where that is worth it. */
  public void soon() {
    background.execute(this::run);
  }

  private void run() {
    try (Connection connection = database.getConnection()) {
      if (!connection.isWrapperFor(JdbcConnection.class) || !Compaction.isWorthIt(connection)) {
        return;
      }
      MVStore store = store(connection.unwrap(JdbcConnection.class));
      long before = store.getFileStore().size();
      store.compactFile(LONGEST);
      LOG.info(
          "The database's file was {} MB large and is now {} MB",
          before / 1_000_000,
          store.getFileStore().size() / 1_000_000);
    } catch (SQLException | RuntimeException e) {
      LOG.warn("The database's file could not be made smaller", e);
    }
  }

  private static MVStore store(JdbcConnection connection) {
    return ((SessionLocal) connection.getSession()).getDatabase().getStore().getMvStore();
  }

  @Override
  public void destroy() {
    background.shutdown();
  }
}
