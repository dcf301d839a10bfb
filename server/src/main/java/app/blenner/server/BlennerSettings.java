package app.blenner.server;

import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What a start of the server is told.
 *
 * @param mode {@code demo} for the demo site and its open sign-ins, {@code start} for real use
 * @param data the folder of the database and the assets; text, since Spring would take a relative
 *     path for a resource of the web application
 * @param demo the folder of the demo site's package
 * @param proxies the proxies that are believed, as addresses or ranges; what others say of who is behind them is not
 * @param scanner the host and port of a scanner that speaks clamd's protocol and looks at files that come in; null for none
 * @param s3 where bytes of files go, if {@code blenner.store} is {@code s3}; else null
 */
@ConfigurationProperties("blenner")
public record BlennerSettings(
    String mode, String data, String demo, List<String> proxies, String scanner, ObjectStorage s3) {

  public BlennerSettings {
    proxies = proxies == null ? List.of() : List.copyOf(proxies);
  }

  /**
   * An object store that speaks S3.
   *
   * @param endpoint its address; null for the one of the region
   * @param key what signs in
   * @param secret what proves it
   */
  public record ObjectStorage(
      String endpoint, String region, String bucket, String key, String secret) {}

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
