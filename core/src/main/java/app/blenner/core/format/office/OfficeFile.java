package app.blenner.core.format.office;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * A zip archive of parts. It is read within limits, so that no file, however made, fills the memory:
 * what an archive says of its sizes is not believed but counted.
 */
public final class OfficeFile implements AutoCloseable {
  /** The largest file that is opened, in bytes. */
  public static final long LARGEST_FILE = 50_000_000;

  private static final int MOST_PARTS = 10_000;
  private static final int LARGEST_XML = 48_000_000;
  private static final int LARGEST_MEDIA = 30_000_000;
  private static final long LARGEST_ALL = 400_000_000;

  /** Text as XML packs about 10 to 40 times; only what is made to burst packs 200 times. */
  private static final int MOST_PACKED = 200;

  private static final String BOMB =
      "This file unpacks to far more than a text can hold, so it was not opened.";

  private final ZipFile zip;
  private long read;

  private OfficeFile(ZipFile zip) {
    this.zip = zip;
  }

  /**
   * Opens an archive.
   *
   * @throws UnreadableFileException where it is too large, broken, locked by a password, or holds macros
   */
  public static OfficeFile open(Path file) throws IOException {
    if (Files.size(file) > LARGEST_FILE) {
      throw new UnreadableFileException(
          "This file has more than 50 megabytes. Make its pictures smaller, or split it.");
    }
    refuseOldFormat(file);
    ZipFile zip;
    try {
      zip = new ZipFile(file.toFile());
    } catch (ZipException e) {
      throw new UnreadableFileException(
          "This file is damaged: it is not the archive it should be. Open it where it was written and save it anew.");
    }
    OfficeFile opened = new OfficeFile(zip);
    try {
      opened.lookOver();
      return opened;
    } catch (RuntimeException e) {
      zip.close();
      throw e;
    }
  }

  /** The older binary format, which is also how a file with a password is kept. */
  private static void refuseOldFormat(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      byte[] head = in.readNBytes(4);
      if (head.length == 4 && head[0] == (byte) 0xD0 && head[1] == (byte) 0xCF) {
        throw new UnreadableFileException(
            "This file is in an old format, or locked by a password. Save it as .docx or .odt without one.");
      }
    }
  }

  private void lookOver() {
    if (zip.size() > MOST_PARTS) {
      throw new UnreadableFileException(BOMB);
    }
    zip.stream()
        .forEach(
            e -> {
              String name = e.getName().toLowerCase(java.util.Locale.ROOT);
              boolean script =
                  name.endsWith("vbaproject.bin")
                      || name.startsWith("basic/") && name.endsWith(".xml");
              if (script || name.startsWith("scripts/") && !e.isDirectory()) {
                throw new UnreadableFileException(
                    "This file holds macros, which are programs. Save it without them, as plain .docx or .odt.");
              }
            });
  }

  /** Whether there is a part of this name. */
  public boolean has(String name) {
    return zip.getEntry(name) != null;
  }

  /** An XML part; empty where there is none of this name. */
  public Optional<Xml> xml(String name) {
    return bytesOf(name, LARGEST_XML, true).map(Xml::read);
  }

  /** The bytes of a picture; empty where there is no such part, or it is too large to be one. */
  public Optional<byte[]> media(String name) {
    return bytesOf(name, LARGEST_MEDIA, false);
  }

  private Optional<byte[]> bytesOf(String name, int largest, boolean needed) {
    ZipEntry entry = zip.getEntry(name);
    if (entry == null || entry.isDirectory()) {
      return Optional.empty();
    }
    long packed = Math.max(1, entry.getCompressedSize());
    try (InputStream in = zip.getInputStream(entry)) {
      ByteArrayOutputStream out = new ByteArrayOutputStream((int) Math.min(1 << 20, packed * 4));
      byte[] piece = new byte[1 << 16];
      for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
        out.write(piece, 0, n);
        read += n;
        boolean bursts = out.size() > 2_000_000 && out.size() / packed > MOST_PACKED;
        if (read > LARGEST_ALL || bursts || (needed && out.size() > largest)) {
          throw new UnreadableFileException(BOMB);
        }
        if (out.size() > largest) {
          return Optional.empty();
        }
      }
      return Optional.of(out.toByteArray());
    } catch (IOException e) {
      if (needed) {
        throw new UnreadableFileException(
            "This file is damaged: a part of it cannot be unpacked. Open it where it was written and save it anew.");
      }
      return Optional.empty();
    }
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
