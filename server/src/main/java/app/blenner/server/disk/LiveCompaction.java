package app.blenner.server.disk;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Makes the database's file small again while it is in use: what is still needed of mostly empty parts is written together,
 * and the parts are given back. A start does it more thoroughly; a server that is never stopped needs it too.
 */
@Component
public class LiveCompaction implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(LiveCompaction.class);

  /** Others wait for the disk meanwhile, so that it is done for a short time, and again where that was not enough. */
  private static final int AT_ONCE = (int) TimeUnit.SECONDS.toMillis(2);

  private static final long PAUSE = TimeUnit.SECONDS.toMillis(3);
  private static final int MOST_TIMES = 60;

  private final DataSource database;
  private volatile boolean stopped;
  private final ExecutorService background =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "compaction");
            thread.setDaemon(true);
            return thread;
          });

  LiveCompaction(DataSource database) {
    this.database = database;
  }

  /** Very much was written or taken away; the file is looked at soon. */
  public void soon() {
    background.execute(this::run);
  }

  @Scheduled(initialDelay = 1, fixedDelay = 1, timeUnit = TimeUnit.HOURS)
  void hourly() {
    soon();
  }

  private void run() {
    try {
      for (int i = 0; i < MOST_TIMES && !stopped && step(); i++) {
        Thread.sleep(PAUSE);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (SQLException | RuntimeException e) {
      LOG.warn("The database's file could not be made smaller", e);
    }
  }

  /** Whether there is more to do. */
  private boolean step() throws SQLException {
    try (Connection connection = database.getConnection()) {
      if (!connection.isWrapperFor(JdbcConnection.class) || !Compaction.isWorthIt(connection)) {
        return false;
      }
      MVStore store = store(connection.unwrap(JdbcConnection.class));
      long before = store.getFileStore().size();
      store.compactFile(AT_ONCE);
      LOG.info(
          "The database's file was {} MB large and is now {} MB",
          before / 1_000_000,
          store.getFileStore().size() / 1_000_000);
      return true;
    }
  }

  private static MVStore store(JdbcConnection connection) {
    return ((SessionLocal) connection.getSession()).getDatabase().getStore().getMvStore();
  }

  @Override
  public void destroy() {
    stopped = true;
    background.shutdown();
  }
}
