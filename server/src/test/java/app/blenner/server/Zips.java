package app.blenner.server;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Archives taken apart and put together. */
final class Zips {
  private Zips() {}

  static Map<String, byte[]> files(byte[] zip) throws IOException {
    Map<String, byte[]> out = new TreeMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        out.put(e.getName(), in.readAllBytes());
      }
    }
    return out;
  }

  static byte[] of(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  /** The same files with a text of one of them changed. */
  static Map<String, byte[]> with(Map<String, byte[]> files, String name, String was, String is) {
    Map<String, byte[]> out = new TreeMap<>(files);
    String text = new String(files.get(name), StandardCharsets.UTF_8);
    if (!text.contains(was)) {
      throw new AssertionError(name + " has no " + was + ":\n" + text);
    }
    out.put(
        name,
        text.replaceFirst(
                java.util.regex.Pattern.quote(was), java.util.regex.Matcher.quoteReplacement(is))
            .getBytes(StandardCharsets.UTF_8));
    return out;
  }
}
