package app.blenner.server.intake;

import java.util.Optional;

/** Knows the titles of what Blenner itself shows in frames, as a stand-in for another host. */
public interface FrameTitles {

  /** The title of what a path of this server shows, where it is one of these. */
  Optional<String> titleOf(String path);
}
