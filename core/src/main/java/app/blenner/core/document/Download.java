package app.blenner.core.document;

import java.util.stream.Stream;

/**
 * A file to download.
 *
 * @param asset the file
 * @param label what the link says
 */
public record Download(Address asset, String label) implements Block {

  public Download {
    if (asset == null || asset.kind() != Address.Kind.ASSET) {
      throw new IllegalArgumentException("not the address of an asset: " + asset);
    }
    label = PlainText.toLine(label);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitDownload(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(label);
  }
}
