package app.blenner.core.archive;

import app.blenner.core.embed.EmbedHost;
import app.blenner.core.house.HouseStyle;
import app.blenner.core.site.Site;
import app.blenner.core.toolset.Toolset;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;

/**
 * A whole site.
 *
 * @param site its name and sections
 * @param past what was of sections once
 * @param house its house style
 * @param hosts the hosts whose things may be shown in its pages
 * @param contactAddress where messages of visitors go
 * @param fetchHosts where texts may be fetched from, as {@link
 *     app.blenner.core.intake.FetchPolicy} reads it
 * @param toolsets which tools its texts offer
 * @param people who works on it
 * @param assets its assets
 * @param outlines its outlines
 * @param items its items
 * @param messages what visitors wrote
 */
public record SitePackage(
    Site site,
    List<PastSection> past,
    HouseStyle house,
    List<EmbedHost> hosts,
    String contactAddress,
    List<String> fetchHosts,
    List<Toolset> toolsets,
    List<PackedPerson> people,
    List<PackedAsset> assets,
    List<PackedOutline> outlines,
    List<PackedItem> items,
    List<PackedMessage> messages) {

  /** The form of packages this is written in. */
  public static final int FORM = 1;

  /**
   * Reads a package.
   *
   * @param folder where its files are
   * @param now what the days of items that say only how old they are count from
   * @throws IOException where a file is missing or cannot be read
   * @throws IllegalArgumentException with a sentence, where a file says something that makes no sense
   */
  public static SitePackage read(Path folder, Instant now) throws IOException {
    return new PackageReader(folder, now).read();
  }

  /** Writes the package into an empty folder. */
  public void write(Path folder) throws IOException {
    new PackageWriter(folder).write(this);
  }
}
