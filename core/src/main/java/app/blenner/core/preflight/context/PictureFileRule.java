package app.blenner.core.preflight.context;

import app.blenner.core.document.Address;
import app.blenner.core.document.Picture;
import app.blenner.core.kind.LeadPlace;
import app.blenner.core.media.MovingTime;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleTable;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.site.Sizes;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/** What the files of pictures are: how large, how heavy, whether they move, and on what terms they may be shown. */
public final class PictureFileRule extends BasicRule {
  private static final Parameter KILOBYTES =
      new Parameter(
          Parameter.MOST, "Most kilobytes of a picture that is given as it is", 50, 20_000, 1_000);

  private static final Duration LONGEST = Duration.ofSeconds(5);

  /** A picture of the site, and how it is in the text; no picture where it leads the item, and then how wide its place is. */
  private record Shown(AssetFacts facts, Picture picture, int limit, int lead) {}

  /** What is wrong with it, or an empty sentence. */
  private interface Wrong extends Function<Shown, String> {}

  private final Wrong wrong;
  private final List<Fix> fixes;

  private PictureFileRule(
      RuleDescriptor descriptor, Wrong wrong, List<Fix> fixes, Parameter... parameters) {
    super(descriptor, Scope.SITE, parameters);
    this.wrong = wrong;
    this.fixes = fixes;
  }

  /** All of them. */
  public static List<Rule> all() {
    return RuleTable.readBeside(PictureFileRule.class, "pictures.yaml").rowsOf("rules").stream()
        .map(r -> made(r.descriptor()))
        .toList();
  }

  private static Rule made(RuleDescriptor rule) {
    return switch (rule.id()) {
      case "picture-enlarged" ->
          new PictureFileRule(
              rule,
              PictureFileRule::enlarged,
              List.of(
                  Fix.ofBlock(
                      "Show it as wide as it is",
                      b -> b instanceof Picture p ? p.asWideAsItIs() : b)));
      case "picture-heavy" ->
          new PictureFileRule(rule, PictureFileRule::heavy, List.of(), KILOBYTES);
      case "picture-moves" -> new PictureFileRule(rule, s -> moves(s.facts.moves()), List.of());
      case "picture-with-words" -> new PictureFileRule(rule, PictureFileRule::withWords, List.of());
      case "picture-licence" ->
          new PictureFileRule(rule, PictureFileRule::withoutLicence, List.of());
      default -> throw new IllegalStateException(rule.id());
    };
  }

  private static String heavy(Shown s) {
    return s.facts.asItIs() && s.facts.bytes() > s.limit * 1_000L
        ? String.format(
            Locale.ROOT,
            "This picture weighs %.1f MB, and every reader loads all of it.",
            s.facts.bytes() / 1e6)
        : "";
  }

  private static String withWords(Shown s) {
    return s.facts.words()
        ? "This picture seems to have words in it. They belong in the text too, or in its alternative text."
        : "";
  }

  private static String withoutLicence(Shown s) {
    return s.facts.licence().isEmpty()
        ? "Nobody has written down on what terms “" + s.facts.title() + "” may be shown."
        : "";
  }

  private static String moves(Duration time) {
    if (time.compareTo(LONGEST) <= 0) {
      return "";
    }
    return time.equals(MovingTime.WITHOUT_END)
        ? "This picture moves without end, and readers cannot stop it."
        : "This picture moves for " + time.toSeconds() + " seconds, and readers cannot stop it.";
  }

  private static String enlarged(Shown s) {
    if (s.facts.lines() || s.facts.width() == 0) {
      return "";
    }
    if (s.picture == null) {
      return s.facts.width() < s.lead
          ? "This picture is small: its place is %d pixels wide, and it has only %d."
              .formatted(s.lead, s.facts.width())
          : "";
    }
    int shown = Sizes.onWideScreen(s.picture.width(), s.picture.side(), s.facts.width());
    return shown > s.facts.width()
        ? "This picture is shown " + shown + " pixels wide, and has only " + s.facts.width() + "."
        : "";
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    int limit = parameters().isEmpty() ? 0 : settings.numberOf(this, KILOBYTES);
    List<Finding> found = new ArrayList<>();
    if (subject.itemContext().assets().isEmpty()) {
      return found;
    }
    AssetFacts lead = subject.itemContext().assets().get(subject.content().leadPicture());
    String ofLead =
        lead == null
            ? ""
            : wrong.apply(
                new Shown(lead, null, limit, Sizes.ofLead(LeadPlace.of(subject.content()))));
    if (!ofLead.isEmpty()) {
      found.add(
          Finding.onFieldOf(
              this,
              settings.severityOf(this),
              ofLead.replaceFirst("^This picture", "The lead picture"),
              "leadPicture",
              subject.content().leadPicture(),
              List.of()));
    }
    for (int i = 0; i < subject.passages().size(); i++) {
      for (Place place : subject.passages().get(i).places()) {
        if (place.block() instanceof Picture p && p.source().kind() == Address.Kind.ASSET) {
          AssetFacts facts = subject.itemContext().assets().get(p.source().assetName());
          String said = facts == null ? "" : wrong.apply(new Shown(facts, p, limit, 0));
          if (!said.isEmpty()) {
            found.add(
                Finding.onBlock(this, settings.severityOf(this), said, place.inPassage(i), fixes));
          }
        }
      }
    }
    return found;
  }
}
