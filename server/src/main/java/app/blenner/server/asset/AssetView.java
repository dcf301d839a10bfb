package app.blenner.server.asset;

/**
 * An asset as the editor shows it.
 *
 * @param name its file name and key
 * @param url where its bytes are
 * @param title what people call it
 * @param alternative what it shows, or empty
 * @param credit who made it, or empty
 */
public record AssetView(
    String name,
    String url,
    String mediaType,
    String title,
    String alternative,
    String credit,
    int width,
    int height,
    long bytes) {

  static AssetView of(AssetEntity a) {
    String url = a.toSiteAsset().path();
    return new AssetView(
        a.name, url, a.mediaType, a.title, a.alternative, a.credit, a.width, a.height, a.bytes);
  }
}
