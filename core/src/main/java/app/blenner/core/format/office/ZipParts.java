package app.blenner.core.format.office;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A zip archive of parts as it is written. The same parts give the same bytes. */
public final class ZipParts {
  /** A moment that a zip archive can tell without an extra field, which OpenDocument forbids. */
  private static final LocalDateTime FIRST = LocalDateTime.of(1980, 2, 1, 12, 0);

  private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
  private final ZipOutputStream zip = new ZipOutputStream(bytes);

  /** Adds a part. */
  public ZipParts add(String name, String text) {
    return add(name, text.getBytes(StandardCharsets.UTF_8), true);
  }

  /** Adds a part; pictures are packed already. */
  public ZipParts add(String name, byte[] content, boolean pack) {
    try {
      ZipEntry entry = new ZipEntry(name);
      entry.setTimeLocal(FIRST);
      if (!pack) {
        CRC32 sum = new CRC32();
        sum.update(content);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(content.length);
        entry.setCompressedSize(content.length);
        entry.setCrc(sum.getValue());
      }
      zip.putNextEntry(entry);
      zip.write(content);
      zip.closeEntry();
      return this;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The archive. */
  public byte[] toZip() {
    try {
      zip.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }
}
