package app.blenner.core.archive;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** A package's folder as one zip archive. */
public final class PackageZip {
  private static final int MOST_FILES = 200_000;
  private static final long LARGEST = 4_000_000_000L;

  /** A text, or a list of what is in the package: far more than anybody writes, far less than memory. */
  private static final long LARGEST_TEXT = 20_000_000;

  /** What a package is made of, besides the files that it lists. */
  private static final Pattern NAMED =
      Pattern.compile("(?:site|assets|messages)\\.yaml|(?:items|outlines)/[^/]+\\.html");

  /** What systems leave in folders and archives by themselves, and nobody means. */
  private static final Pattern LEFT_BEHIND =
      Pattern.compile("(?:^|/)(?:__MACOSX/|\\.[^/]+$|Thumbs\\.db$|desktop\\.ini$)");

  private PackageZip() {}

  /** Packs a folder. */
  public static void pack(Path folder, OutputStream to) throws IOException {
    List<Path> files;
    try (Stream<Path> all = Files.walk(folder)) {
      files = all.filter(Files::isRegularFile).sorted().toList();
    }
    try (ZipOutputStream zip = new ZipOutputStream(to)) {
      for (Path file : files) {
        zip.putNextEntry(new ZipEntry(folder.relativize(file).toString().replace('\\', '/')));
        Files.copy(file, zip);
        zip.closeEntry();
      }
    }
  }

  /**
   * Unpacks an archive into a folder.
   *
   * @throws IllegalArgumentException with a sentence, where it is broken, too large, or reaches out of
   *     the folder
   */
  public static void unpack(Path archive, Path folder) throws IOException {
    try (ZipFile zip = new ZipFile(archive.toFile())) {
      if (zip.size() > MOST_FILES) {
        throw new IllegalArgumentException("This archive holds more files than a site can have.");
      }
      if (zip.stream().anyMatch(e -> !folder.resolve(e.getName()).normalize().startsWith(folder))) {
        throw new IllegalArgumentException(
            "This archive reaches out of its own folder, so it was not unpacked.");
      }
      String root = rootOf(zip);
      if (zip.getEntry(root + "site.yaml") == null) {
        throw new IllegalArgumentException("This is no package of a site: it has no site.yaml.");
      }
      checkNames(zip, root);
      long room = Math.min(LARGEST, Files.getFileStore(folder).getUsableSpace() / 2);
      Enumeration<? extends ZipEntry> entries = zip.entries();
      while (entries.hasMoreElements()) {
        ZipEntry entry = entries.nextElement();
        String name =
            entry.getName().startsWith(root) ? entry.getName().substring(root.length()) : "";
        Path file = folder.resolve(name).normalize();
        if (name.isEmpty() || entry.isDirectory() || LEFT_BEHIND.matcher(name).find()) {
          continue;
        }
        Files.createDirectories(file.getParent());
        long most = isText(name) ? Math.min(room, LARGEST_TEXT) : room;
        // What an entry says of itself may be wrong; what comes out of it is counted too.
        if (entry.getSize() > most) {
          throw tooLarge(name, !isText(name));
        }
        try (InputStream in = zip.getInputStream(entry)) {
          room -= copy(in, file, most, () -> tooLarge(name, !isText(name)));
        }
      }
    } catch (ZipException | EOFException e) {
      throw new IllegalArgumentException("This file is no zip archive, or it is damaged.");
    }
  }

  /** Nothing is unpacked of an archive that holds what nobody names: it is judged by its list of names, however long that is. */
  private static void checkNames(ZipFile zip, String root) throws IOException {
    Set<String> assets = assetsOf(zip, root);
    Enumeration<? extends ZipEntry> entries = zip.entries();
    while (entries.hasMoreElements()) {
      ZipEntry entry = entries.nextElement();
      String whole = entry.getName();
      String name = whole.startsWith(root) ? whole.substring(root.length()) : whole;
      if (entry.isDirectory() || LEFT_BEHIND.matcher(whole).find()) {
        continue;
      }
      boolean named =
          name.startsWith("assets/")
              ? assets.contains(name.substring("assets/".length()))
              : NAMED.matcher(name).matches();
      if (!named) {
        throw new IllegalArgumentException(
            "This archive holds “%s”, which nothing in it tells of. It was not unpacked."
                .formatted(name.length() > 100 ? name.substring(0, 100) + "…" : name));
      }
    }
  }

  private static Set<String> assetsOf(ZipFile zip, String root) throws IOException {
    ZipEntry list = zip.getEntry(root + "assets.yaml");
    if (list == null) {
      return Set.of();
    }
    try (InputStream in = zip.getInputStream(list)) {
      byte[] read = in.readNBytes((int) LARGEST_TEXT + 1);
      if (read.length > LARGEST_TEXT) {
        throw tooLarge("assets.yaml", false);
      }
      return YamlFields.read(new String(read, StandardCharsets.UTF_8), "assets.yaml")
          .values()
          .keySet();
    }
  }

  /** A folder that everything lies in, as some programs put around what they pack. */
  private static String rootOf(ZipFile zip) {
    return zip.stream()
        .map(ZipEntry::getName)
        .filter(n -> n.endsWith("site.yaml"))
        .min((a, b) -> a.length() - b.length())
        .map(n -> n.substring(0, n.length() - "site.yaml".length()))
        .orElse("");
  }

  private static boolean isText(String name) {
    return name.endsWith(".html") || name.endsWith(".yaml");
  }

  private static IllegalArgumentException tooLarge(String name, boolean all) {
    return new IllegalArgumentException(
        all
            ? "This archive unpacks to more than there is room for."
            : "“" + name + "” unpacks to more than 20 megabytes, which no text of a site has.");
  }

  private static long copy(
      InputStream in, Path file, long most, Supplier<IllegalArgumentException> tooLarge)
      throws IOException {
    long written = 0;
    try (OutputStream out = Files.newOutputStream(file)) {
      byte[] piece = new byte[1 << 16];
      for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
        written += n;
        if (written > most) {
          throw tooLarge.get();
        }
        out.write(piece, 0, n);
      }
    }
    return written;
  }
}
