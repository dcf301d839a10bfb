package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.Audio;
import app.blenner.core.document.Track;
import app.blenner.core.document.Video;
import java.util.function.Function;

/** Writes players of sound and film: with controls, never starting by themselves. */
final class PlayerWriter {
  private final HtmlOut out;
  private final Function<Address, String> href;
  private final Function<Address, String> unnamed;

  /**
   * @param unnamed what a recording is called of which nobody has said it
   */
  PlayerWriter(HtmlOut out, Function<Address, String> href, Function<Address, String> unnamed) {
    this.unnamed = unnamed;
    this.out = out;
    this.href = href;
  }

  void audio(Audio block) {
    out.open("audio").attribute("src", href.apply(block.source()));
    inside(block.captions(), block.source(), block.title());
    out.close("audio");
  }

  void video(Video block) {
    out.open("video").attribute("src", href.apply(block.source()));
    if (block.poster() != null) {
      out.attribute("poster", href.apply(block.poster()));
    }
    inside(block.captions(), block.source(), block.title());
    out.close("video");
  }

  /** The rest of the tag, the captions, and a link for readers whose software cannot play it. */
  private void inside(Track track, Address source, String title) {
    out.attribute("controls", "").attribute("preload", "metadata").endOpen();
    if (track != null) {
      out.open("track").attribute("kind", "captions").attribute("src", href.apply(track.source()));
      out.attribute("srclang", track.language()).endOpen();
    }
    out.open("a").attribute("href", href.apply(source)).endOpen();
    out.text(title.isEmpty() ? unnamed.apply(source) : title).close("a");
  }
}
