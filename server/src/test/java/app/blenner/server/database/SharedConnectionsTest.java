package app.blenner.server.database;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import org.h2.jdbcx.JdbcDataSource;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Editors hold all of their connections, and readers read on. */
public class SharedConnectionsTest {
  private static final int SHARED = 2;

  private final SharedConnections pool = new SharedConnections(memory(), SHARED, 50);
  private final List<Connection> taken = new ArrayList<>();

  private static JdbcDataSource memory() {
    JdbcDataSource memory = new JdbcDataSource();
    memory.setURL("jdbc:h2:mem:shared");
    return memory;
  }

  @AfterMethod
  public void giveBack() throws SQLException {
    ReaderThreads.end();
    for (Connection connection : taken) {
      connection.close();
    }
    taken.clear();
  }

  /** One that somebody else takes, in a thread of their own. */
  private Connection elsewhere() throws Exception {
    Connection connection =
        CompletableFuture.supplyAsync(
                () -> {
                  try {
                    return pool.getConnection();
                  } catch (SQLException e) {
                    throw new IllegalStateException(e);
                  }
                },
                each -> new Thread(each).start())
            .get();
    taken.add(connection);
    return connection;
  }

  private void fill() throws Exception {
    for (int i = 0; i < SHARED; i++) {
      elsewhere();
    }
  }

  @Test
  public void whoComesLateIsToldThatAllAreInUse() throws Exception {
    fill();
    assertThrows(AllInUse.class, pool::getConnection);
  }

  @Test
  public void aReaderGetsOneAllTheSame() throws Exception {
    fill();
    ReaderThreads.begin();
    taken.add(pool.getConnection());
    assertTrue(taken.get(taken.size() - 1).isValid(1));
  }

  @Test
  public void whoHoldsOneGetsASecondSoThatNobodyWaitsForEachOther() throws Exception {
    elsewhere();
    taken.add(pool.getConnection());
    taken.add(pool.getConnection());
    assertThrows(ExecutionException.class, this::elsewhere);
  }

  /** Closing twice gives one place back, and closing in another thread gives one too. */
  @Test
  public void eachPlaceComesBackOnce() throws Exception {
    Connection first = elsewhere();
    first.close();
    first.close();
    fill();
    assertThrows(AllInUse.class, pool::getConnection);
    taken.get(taken.size() - 1).close();
    taken.add(pool.getConnection());
    assertEquals(taken.stream().filter(SharedConnectionsTest::isOpen).count(), SHARED);
  }

  private static boolean isOpen(Connection connection) {
    try {
      return !connection.isClosed();
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
