package app.blenner.core.embed;

import app.blenner.core.document.Address;
import app.blenner.core.document.AddressAdvice;
import app.blenner.core.document.Embed;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/**
 * What somebody pasted to be shown in a page: an address, or the code of a frame.
 *
 * @param address the page of it, in canonical spelling; empty where it may not be shown
 * @param frame the address of the frame that shows it
 * @param host what people call the host
 * @param title the title that came with the code, or empty
 * @param shape width to height, as {@link Embed.Shape#ratio()}
 * @param link the address to link to where it may not be shown, or empty where there is none
 * @param problem why it may not be shown, in a sentence, or empty
 */
public record Embedding(
    String address,
    String frame,
    String host,
    String title,
    String shape,
    String link,
    String problem) {

  /** Judges what was pasted by the site's list of hosts. */
  public static Embedding judge(String given, List<EmbedHost> hosts) {
    String source = given.strip();
    String title = "";
    Embed.Shape shape = Embed.Shape.WIDE;
    if (source.startsWith("<")) {
      Element frame = Jsoup.parseBodyFragment(source).selectFirst("iframe");
      if (frame == null) {
        return refused("", "There is no frame in this code. It should hold an <iframe> element.");
      }
      source = frame.attr("src").strip();
      title = frame.attr("title").strip();
      shape = shapeOf(frame);
      source = source.startsWith("//") ? "https:" + source : source;
    }
    Optional<Address> address = AddressAdvice.complete(source);
    if (address.isEmpty() || address.get().kind() != Address.Kind.WEB) {
      return refused(
          "",
          source.isEmpty()
              ? "Paste an address or the code of a frame."
              : AddressAdvice.problemWith(source));
    }
    String secure = address.get().value().replaceFirst("^http:", "https:");
    for (EmbedHost host : hosts) {
      Optional<String> id = host.idOf(secure);
      if (id.isPresent()) {
        return new Embedding(
            host.pageOf(id.get()),
            host.frameOf(id.get()),
            host.name(),
            title,
            shape.ratio(),
            host.pageOf(id.get()),
            "");
      }
    }
    return refused(address.get().value(), refusal(secure, hosts));
  }

  private static Embedding refused(String link, String problem) {
    return new Embedding("", "", "", "", Embed.Shape.WIDE.ratio(), link, problem);
  }

  private static String refusal(String address, List<EmbedHost> hosts) {
    String host = URI.create(address).getHost();
    if (hosts.stream().anyMatch(h -> h.host().equals(host))) {
      return "This address of " + host + " is not one of the things that can be shown.";
    }
    String known = hosts.stream().map(EmbedHost::name).collect(Collectors.joining(", "));
    return host
        + " is not on the site’s list of hosts"
        + (known.isEmpty() ? ", which is empty." : ". On it: " + known + ".")
        + " A link can lead there instead.";
  }

  /** The shape nearest to the width and height that came with the code. */
  private static Embed.Shape shapeOf(Element frame) {
    double width = numberOf(frame.attr("width"));
    double height = numberOf(frame.attr("height"));
    if (width <= 0 || height <= 0) {
      return Embed.Shape.WIDE;
    }
    Embed.Shape best = Embed.Shape.WIDE;
    for (Embed.Shape s : Embed.Shape.values()) {
      if (distanceOf(s, width / height) < distanceOf(best, width / height)) {
        best = s;
      }
    }
    return best;
  }

  private static double distanceOf(Embed.Shape shape, double ratio) {
    String[] sides = shape.ratio().split(" / ");
    return Math.abs(Math.log(Double.parseDouble(sides[0]) / Double.parseDouble(sides[1]) / ratio));
  }

  private static double numberOf(String text) {
    return text.matches("\\d{1,5}(\\.\\d+)?(px)?") ? Double.parseDouble(text.replace("px", "")) : 0;
  }
}
