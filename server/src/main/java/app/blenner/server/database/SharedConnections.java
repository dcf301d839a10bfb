package app.blenner.server.database;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * A pool of which readers always find something left. Editors who change the same row wait for one another, each with a
 * connection in hand; without a limit thirty of them hold the whole pool, and whoever only reads a page waits in vain.
 * Who has a connection gets a second one unasked, or those who hold one each would wait for each other for ever.
 */
final class SharedConnections extends DelegatingDataSource {
  private final Semaphore shared;
  private final long patienceMillis;
  private final ThreadLocal<AtomicInteger> held = ThreadLocal.withInitial(AtomicInteger::new);

  /**
   * @param shared how many connections there are for everybody but readers
   * @param patienceMillis how long somebody waits for one of them
   */
  SharedConnections(DataSource pool, int shared, long patienceMillis) {
    super(pool);
    this.shared = new Semaphore(shared, true);
    this.patienceMillis = patienceMillis;
  }

  /**
   * @throws SQLTransientConnectionException where none of the shared ones got free in time
   */
  @Override
  public Connection getConnection() throws SQLException {
    if (ReaderThreads.isOne()) {
      return super.getConnection();
    }
    boolean first = held.get().get() == 0;
    if (first) {
      enter();
    }
    boolean given = false;
    try {
      Connection connection = returned(super.getConnection(), first);
      given = true;
      return connection;
    } finally {
      if (first && !given) {
        shared.release();
      }
    }
  }

  private void enter() throws SQLException {
    try {
      if (!shared.tryAcquire(patienceMillis, TimeUnit.MILLISECONDS)) {
        throw new AllInUse();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new SQLTransientConnectionException("interrupted while waiting for a connection", e);
    }
  }

  /** The connection, which gives its place back when it is closed, by whichever thread closes it. */
  private Connection returned(Connection connection, boolean first) {
    AtomicInteger ofThread = held.get();
    ofThread.incrementAndGet();
    AtomicBoolean open = new AtomicBoolean(true);
    return (Connection)
        Proxy.newProxyInstance(
            Connection.class.getClassLoader(),
            new Class<?>[] {Connection.class},
            (proxy, method, values) -> {
              try {
                return method.invoke(connection, values);
              } catch (InvocationTargetException e) {
                throw e.getCause();
              } finally {
                if (method.getName().equals("close") && open.getAndSet(false)) {
                  ofThread.decrementAndGet();
                  if (first) {
                    shared.release();
                  }
                }
              }
            });
  }
}
