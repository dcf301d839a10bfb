package app.blenner.server.item;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Passages;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.Surroundings;
import app.blenner.server.site.MergeFieldService;
import app.blenner.server.site.SiteService;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * What rules find in items. A text is looked at once, however often it is asked for, as long as nothing around it changes;
 * and of one that was changed, only the blocks that were.
 */
@Component
class Judge {
  /** As many as dozens of people have open. */
  private static final int REMEMBERED = 500;

  private record Look(String version, Surroundings around, Settings settings) {}

  private final Cache<Look, List<Finding>> found =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();
  private final Passages passages = new Passages();
  private final SiteService sites;
  private final MergeFieldService fields;
  private final LinkedPieces pieces;

  Judge(SiteService sites, MergeFieldService fields, LinkedPieces pieces) {
    this.sites = sites;
    this.fields = fields;
    this.pieces = pieces;
  }

  /**
   * What is found in a state of an item.
   *
   * @param version the hash of its content
   */
  List<Finding> findings(String version, Content content, Kind kind) {
    Surroundings around = around(kind);
    Settings settings = settings(kind);
    return found.get(
        new Look(version, around, settings),
        look -> Preflight.check(Subject.of(content, around, passages), settings));
  }

  /** What is found in a content that is not kept yet. */
  List<Finding> look(Content content, Kind kind) {
    return Preflight.check(subject(content, kind), settings(kind));
  }

  /** What is found in a content with rules set in some way; nothing of it is remembered. */
  List<Finding> lookOnce(Content content, Kind kind, Settings settings) {
    return Preflight.check(Subject.of(content, around(kind), new Passages(0)), settings);
  }

  /** An item as rules look at it. */
  Subject subject(Content content, Kind kind) {
    return Subject.of(content, around(kind), passages);
  }

  /** How rules are set for items of a kind. */
  Settings settings(Kind kind) {
    return sites.site().standards().of(kind.name());
  }

  private Surroundings around(Kind kind) {
    return new Surroundings(kind, sites.site().language(), fields.all(), pieces.keys());
  }
}
