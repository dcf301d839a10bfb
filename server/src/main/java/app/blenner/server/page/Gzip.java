package app.blenner.server.page;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** Bytes compressed by gzip. Source: RFC 1952. */
final class Gzip {
  /** Whoever takes it says so, unless at no quality at all. Source: RFC 9110, 12.5.3. */
  private static final Pattern TAKEN =
      Pattern.compile(
          "(?:^|[ ,])(?:gzip|x-gzip|\\*)[ \\t]*(?!;[ \\t]*q=0(?:\\.0{0,3})?[ \\t]*(?:,|$))(?:;|,|$)");

  private Gzip() {}

  /** Whether somebody who says this of what encodings they take takes this one. */
  static boolean isTaken(String accepted) {
    return accepted != null && TAKEN.matcher(accepted).find();
  }

  static byte[] pack(byte[] bytes) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(bytes.length / 2);
    try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
      gzip.write(bytes);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  static byte[] unpack(byte[] packed) {
    try (GZIPInputStream gzip = new GZIPInputStream(new ByteArrayInputStream(packed))) {
      return gzip.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
