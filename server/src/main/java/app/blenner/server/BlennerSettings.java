package app.blenner.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What a start of the server is told.
 *
 * @param mode {@code demo} for the demo site and its open sign-ins, {@code start} for real use
 * @param data the folder of the database and the assets
 * @param demo the folder of the demo site's package
 */
@ConfigurationProperties("blenner")
public record BlennerSettings(String mode, Path data, Path demo) {

  /** Whether this is the demo. */
  public boolean isDemo() {
    return "demo".equals(mode);
  }

  /** The folder of the assets. */
  public Path assets() {
    return data.resolve("assets");
  }
}
