package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import org.testng.annotations.Test;

/** A PostgreSQL that was named and cannot be used is told in a sentence, and left as it is. */
@Test(groups = TestDatabase.OF_POSTGRESQL)
public class ServerDatabaseTest {

  private static void isRefused(String address, String... words) throws Exception {
    Path data = Files.createTempDirectory("blenner-refused");
    Server server =
        Server.begin(data, 0, "--blenner.database=" + address, "--blenner.database-user=postgres");
    assertNotEquals(server.ended(), 0);
    for (String word : words) {
      assertTrue(server.said().contains(word), server.said());
    }
    assertEquals(server.said().strip().lines().count(), 1, server.said());
    try (var left = Files.list(data)) {
      assertEquals(left.count(), 0, "nothing is made");
    }
  }

  private static String empty(String name) throws Exception {
    TestDatabase.told(Path.of("/tmp/x"));
    TestDatabase.make(name);
    return TestDatabase.address(name);
  }

  private static void sql(String address, String statement) throws Exception {
    try (var connection = DriverManager.getConnection(address, "postgres", "");
        var run = connection.createStatement()) {
      run.execute(statement);
    }
  }

  @Test
  public void whatIsNoDatabaseIsToldSo() throws Exception {
    isRefused("mysql://x", "is no database Blenner knows");
    isRefused(
        "jdbc:postgresql://localhost:1/x?password=secret",
        "cannot be reached",
        "localhost:1/x cannot");
    isRefused(TestDatabase.address("nobody_made_it"), "There is no database", "createdb");
  }

  @Test
  public void oneOfAnotherProgramIsLeftAlone() throws Exception {
    String address = empty("other_program");
    sql(address, "create table theirs (a int)");
    isRefused(address, "tables of another program");
  }

  @Test
  public void oneOfANewerBlennerIsLeftAlone() throws Exception {
    Path data = Files.createTempDirectory("blenner-newer");
    Running.at("start", data).close();
    List<String> told = TestDatabase.told(data);
    String address = told.get(0).substring("--blenner.database=".length());
    sql(address, "update flyway_schema_history set version = '999' where installed_rank = 1");
    sql(address, "update flyway_schema_history set installed_rank = 1000 where installed_rank = 1");
    isRefused(address, "of a newer Blenner");
  }

  @Test
  public void twoServersDoNotShareOne() throws Exception {
    Path data = Files.createTempDirectory("blenner-shared");
    try (Running first = Running.at("start", data)) {
      String address = TestDatabase.told(data).get(0).substring("--blenner.database=".length());
      Path other = Files.createTempDirectory("blenner-second");
      Server second =
          Server.begin(
              other, 0, "--blenner.database=" + address, "--blenner.database-user=postgres");
      assertNotEquals(second.ended(), 0);
      assertTrue(second.said().contains("in use by another Blenner"), second.said());
      assertEquals(first.visitor().get("/").status(), 200);
    }
  }

  @Test
  public void oneThatCannotWriteEveryLetterIsRefused() throws Exception {
    empty("utf8");
    sql(
        TestDatabase.address("postgres"),
        "create database latin encoding 'LATIN1' lc_collate 'C' lc_ctype 'C' template template0");
    isRefused(TestDatabase.address("latin"), "LATIN1", "UTF8");
  }
}
