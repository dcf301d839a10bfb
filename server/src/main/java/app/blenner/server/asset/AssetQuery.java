package app.blenner.server.asset;

import app.blenner.core.media.FileType;
import java.time.Instant;

/**
 * What is looked for among the assets. What is null, empty or 0 asks for nothing.
 *
 * @param words all of which stand in what is said of it or in its name
 * @param shape of pictures
 * @param least how many pixels wide at least
 * @param by who brought it in
 * @param since when it was brought in, at the earliest
 * @param collection one it is in
 * @param ending what its name ends in, without the dot
 * @param page from 0
 */
record AssetQuery(
    String words,
    FileType.Kind kind,
    Only only,
    Shape shape,
    int least,
    String by,
    Instant since,
    String collection,
    String ending,
    Order order,
    int page) {

  /** What is true of it. */
  enum Only {
    ALL,
    UNUSED,
    WITHOUT_ALTERNATIVE,
    EXPIRING,
    BINNED
  }

  /** How a picture is shaped; nearly square counts as square. */
  enum Shape {
    WIDE,
    TALL,
    SQUARE
  }

  enum Order {
    NEWEST,
    TITLE,
    LARGEST
  }
}
