package app.blenner.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What a start of the server is told.
 *
 * @param mode {@code demo} for the demo site and its open sign-ins, {@code start} for real use
 * @param data the folder of the database and the assets; text, since Spring would take a relative
 *     path for a resource of the web application
 * @param demo the folder of the demo site's package
 */
@ConfigurationProperties("blenner")
public record BlennerSettings(String mode, String data, String demo) {

  /** Whether this is the demo. */
  public boolean isDemo() {
    return "demo".equals(mode);
  }

  /** The folder of the database and the assets. */
  public Path dataFolder() {
    return Path.of(data).toAbsolutePath().normalize();
  }

  /** The folder of the demo site's package. */
  public Path demoFolder() {
    return Path.of(demo);
  }
}
