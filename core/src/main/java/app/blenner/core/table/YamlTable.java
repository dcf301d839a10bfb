package app.blenner.core.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/** Reads tables that ship with the program. */
public final class YamlTable {
  private YamlTable() {}

  /**
   * The table in a file that stands beside a class: its rows, or groups of rows, by their names and in their order.
   *
   * @throws IllegalStateException if there is no such file
   */
  @SuppressWarnings("unchecked")
  public static <T> Map<String, T> readBeside(Class<?> reader, String name) {
    try (InputStream in = reader.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException("There is no table " + name + " beside " + reader + ".");
      }
      return (Map<String, T>) new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
