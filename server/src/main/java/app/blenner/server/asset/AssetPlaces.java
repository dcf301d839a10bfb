package app.blenner.server.asset;

import app.blenner.core.item.AssetUse;
import java.util.List;

/**
 * Tells of the places besides items in which assets stand. Whoever keeps such places has one; it is asked anew each time, so
 * that nothing that is told can be out of date.
 */
public interface AssetPlaces {

  /**
   * An asset at such a place.
   *
   * @param use which, and what sort of place
   * @param at the address of the place in the editor, without a slash in front
   * @param title what the place is called
   */
  record Spot(AssetUse use, String at, String title) {}

  /** Whether readers see what stands at these places. */
  boolean areForReaders();

  /** All of them. */
  List<Spot> spots();
}
