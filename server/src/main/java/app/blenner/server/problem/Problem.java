package app.blenner.server.problem;

import app.blenner.server.database.AllInUse;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;

/** Something that cannot be done, told in a sentence a newcomer understands (RFC 9457). */
public class Problem extends RuntimeException {
  /** What is said where there is no room for anything more. */
  public static final String DISK_FULL =
      "The server’s disk is full; nothing was changed. Ask whoever looks after it to make room, then try again.";

  /** What is said where the database does not answer. */
  public static final String DATABASE_AWAY =
      "The database does not answer at the moment; nothing was changed. Please try again.";

  /** What is said where there is more to do than can be done. */
  public static final String BUSY =
      "The server has more to do than it can just now. Nothing was changed; please try again in a moment.";

  private final HttpStatus status;
  private final transient Map<String, Object> details;

  public Problem(HttpStatus status, String sentence) {
    this(status, sentence, Map.of());
  }

  /**
   * @param status the HTTP status
   * @param sentence what happened, why, and what to do next
   * @param details further members of the problem
   */
  public Problem(HttpStatus status, String sentence, Map<String, Object> details) {
    super(sentence);
    this.status = status;
    this.details = details;
  }

  /** Something asked for is not there. */
  public static Problem notThere(String sentence) {
    return new Problem(HttpStatus.NOT_FOUND, sentence);
  }

  /** What was sent cannot be used. */
  public static Problem unusable(String sentence) {
    return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, sentence);
  }

  /** What was asked does not go with how things stand. */
  public static Problem conflict(String sentence, Map<String, Object> details) {
    return new Problem(HttpStatus.CONFLICT, sentence, details);
  }

  /** A file is larger than what it is for. */
  public static Problem tooLarge(String name) {
    return new Problem(
        HttpStatus.CONTENT_TOO_LARGE,
        "“" + name + "” has more than 50 megabytes. Make its pictures smaller, or split it.");
  }

  /** Whether something failed because the database did not answer. Source: SQLSTATE class 08, connection exception. */
  public static boolean isDatabaseAway(Throwable failure) {
    return causes(failure)
        .anyMatch(
            at ->
                at instanceof SQLTransientConnectionException
                    || at instanceof SQLException sql && isOfConnection(sql));
  }

  /** What is said of a database that gave no connection: that it is away, or that too many others have one. */
  public static String ofDatabase(Throwable failure) {
    return causes(failure).anyMatch(AllInUse.class::isInstance) ? BUSY : DATABASE_AWAY;
  }

  private static Stream<Throwable> causes(Throwable failure) {
    return Stream.iterate(failure, Objects::nonNull, Throwable::getCause);
  }

  /** A connection that the pool has thrown away in the meantime says so in words alone. */
  private static boolean isOfConnection(SQLException failure) {
    String state = String.valueOf(failure.getSQLState());
    return state.startsWith("08") || "Connection is closed".equals(failure.getMessage());
  }

  /** Whether something failed because there was no room for it; systems tell it in words alone. */
  public static boolean isDiskFull(Throwable failure) {
    return causes(failure)
        .map(at -> String.valueOf(at.getMessage()))
        .anyMatch(
            said ->
                said.contains("No space left")
                    || said.contains("Disk quota exceeded")
                    || said.contains("Read-only file system"));
  }

  public HttpStatus status() {
    return status;
  }

  public Map<String, Object> details() {
    return details;
  }
}
