package app.blenner.core.picture;

/**
 * How stored pixels are turned to stand upright: mirrored left to right first where they are, then turned clockwise.
 *
 * @param quarters quarter turns clockwise, 0 to 3
 * @param mirrored whether left and right are swapped before
 */
public record Orientation(int quarters, boolean mirrored) {

  /** As it is stored. */
  public static final Orientation NONE = new Orientation(0, false);

  public Orientation {
    quarters = Math.floorMod(quarters, 4);
  }

  /**
   * The turn an EXIF orientation asks for.
   *
   * @param orientation 1 to 8 as in CIPA DC-008 (Exif 2.32), 4.6.4 A; all other numbers ask for none
   */
  public static Orientation ofExif(int orientation) {
    return switch (orientation) {
      case 2 -> new Orientation(0, true);
      case 3 -> new Orientation(2, false);
      case 4 -> new Orientation(2, true);
      case 5 -> new Orientation(3, true);
      case 6 -> new Orientation(1, false);
      case 7 -> new Orientation(1, true);
      case 8 -> new Orientation(3, false);
      default -> NONE;
    };
  }

  /** This turn, and then another. */
  public Orientation andThen(Orientation next) {
    // A mirror before which something was turned clockwise turns it the other way.
    int before = next.mirrored ? -quarters : quarters;
    return new Orientation(before + next.quarters, mirrored != next.mirrored);
  }

  /** The size of what is turned. */
  public Size of(Size stored) {
    return quarters % 2 == 0 ? stored : stored.turnedOnce();
  }

  /** Where a pixel of the upright picture is stored. */
  Pixel source(int x, int y, Size stored) {
    int w = stored.width();
    int h = stored.height();
    int fromX;
    int fromY;
    switch (quarters) {
      case 1 -> {
        fromX = y;
        fromY = h - 1 - x;
      }
      case 2 -> {
        fromX = w - 1 - x;
        fromY = h - 1 - y;
      }
      case 3 -> {
        fromX = w - 1 - y;
        fromY = x;
      }
      default -> {
        fromX = x;
        fromY = y;
      }
    }
    return new Pixel(mirrored ? w - 1 - fromX : fromX, fromY);
  }

  /** Where a part of the upright picture is stored. */
  Crop stored(Crop part) {
    double right = part.left() + part.width();
    double bottom = part.top() + part.height();
    Crop turned =
        switch (quarters) {
          case 1 -> new Crop(part.top(), 1 - right, part.height(), part.width());
          case 2 -> new Crop(1 - right, 1 - bottom, part.width(), part.height());
          case 3 -> new Crop(1 - bottom, part.left(), part.height(), part.width());
          default -> part;
        };
    return mirrored
        ? new Crop(
            1 - turned.left() - turned.width(), turned.top(), turned.width(), turned.height())
        : turned;
  }

  /** A place in a picture, counted from the upper left. */
  record Pixel(int x, int y) {}
}
