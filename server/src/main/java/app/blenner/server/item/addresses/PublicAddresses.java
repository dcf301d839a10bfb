package app.blenner.server.item.addresses;

import app.blenner.core.site.SitePaths;
import app.blenner.server.site.SectionService;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what stands, or stood once, at an address of the public site. */
@Service
@Transactional(readOnly = true)
public class PublicAddresses {

  /** What an address leads to. */
  public sealed interface At {}

  /** An item that is or was live. */
  public record OfItem(String key) implements At {}

  /**
   * A section.
   *
   * @param slug its short name; empty for the front page, where it was given up for none
   */
  public record OfSection(String slug) implements At {}

  /** A topic of a section, whether it is there or not. */
  public record OfTopic(String section, String topic) implements At {}

  /** A keyword, whether anything has it or not. */
  public record OfKeyword(String word) implements At {}

  private final SiteAddressRepository addresses;
  private final SectionService sections;

  PublicAddresses(SiteAddressRepository addresses, SectionService sections) {
    this.addresses = addresses;
    this.sections = sections;
  }

  /**
   * What an address leads to.
   *
   * @param steps what stands between its slashes, decoded
   */
  public Optional<At> findAt(List<String> steps) {
    String section = "";
    for (int i = 0; i < steps.size(); i++) {
      String step = steps.get(i);
      SiteAddressEntity there =
          step.length() > SitePaths.LONGEST
              ? null
              : addresses.findById(SitePaths.lasting(section, step)).orElse(null);
      int left = steps.size() - i - 1;
      if (there == null) {
        return left == 1 ? listOf(section, step, steps.get(i + 1)) : Optional.empty();
      }
      if (there.itemKey != null) {
        return left == 0 && there.wasLive
            ? Optional.of(new OfItem(there.itemKey))
            : left == 1 ? listOf(section, step, steps.get(i + 1)) : Optional.empty();
      }
      section = there.section;
    }
    return Optional.of(new OfSection(sections.leadsTo(section)));
  }

  private Optional<At> listOf(String section, String step, String of) {
    if (section.isEmpty() && step.equals(SitePaths.KEYWORD)) {
      return Optional.of(new OfKeyword(SitePaths.keywordOf(of)));
    }
    return !section.isEmpty() && step.equals(SitePaths.TOPIC)
        ? Optional.of(new OfTopic(sections.leadsTo(section), of))
        : Optional.empty();
  }

  /** The item or section an address of the site leads to, by the address as it is written. */
  public Optional<At> findAt(String path) {
    List<String> steps = SitePaths.steps(path);
    return steps.isEmpty() ? Optional.empty() : findAt(steps);
  }
}
