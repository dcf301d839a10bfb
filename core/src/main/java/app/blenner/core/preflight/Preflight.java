package app.blenner.core.preflight;

import app.blenner.core.preflight.context.AssetBinned;
import app.blenner.core.preflight.context.AssetExpires;
import app.blenner.core.preflight.context.DateOver;
import app.blenner.core.preflight.context.DuplicateDescription;
import app.blenner.core.preflight.context.LinkTargetRule;
import app.blenner.core.preflight.context.PictureFileRule;
import app.blenner.core.preflight.context.TeaserPicture;
import app.blenner.core.preflight.context.TermsCovered;
import app.blenner.core.preflight.house.CountRules;
import app.blenner.core.preflight.house.HeadlineCase;
import app.blenner.core.preflight.house.HouseWords;
import app.blenner.core.preflight.house.KeywordPlaces;
import app.blenner.core.preflight.house.MissingRule;
import app.blenner.core.preflight.house.PictureTextRequired;
import app.blenner.core.preflight.house.PlainWords;
import app.blenner.core.preflight.language.AbbreviationUnexplained;
import app.blenner.core.preflight.language.ForeignPassage;
import app.blenner.core.preflight.language.ItemLanguage;
import app.blenner.core.preflight.language.PassiveChain;
import app.blenner.core.preflight.language.ProofreadRule;
import app.blenner.core.preflight.typesetting.JustifiedHoles;
import app.blenner.core.preflight.typesetting.LastLine;
import app.blenner.core.preflight.typesetting.SharedTitle;
import app.blenner.core.preflight.typesetting.SideColumnRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.Subject;
import app.blenner.core.tidy.Tidy;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Runs all rules. A new one is registered here, and nowhere else; one that cleans up, in {@link Tidy}. */
public final class Preflight {
  private static final System.Logger LOG = System.getLogger(Preflight.class.getName());

  private static final Map<RuleGroup, List<Rule>> GROUPS = new EnumMap<>(RuleGroup.class);

  static {
    GROUPS.put(
        RuleGroup.HOUSE,
        joined(
            List.of(
                new TitleRequired(),
                new PromptUnfilled(),
                new SummaryLength(),
                new FieldValues(),
                new MergeFieldUnknown(),
                new PieceMissing()),
            joined(MissingRule.all(), joined(CountRules.ofItems(), DateOver.all()))));
    GROUPS.put(
        RuleGroup.PICTURES,
        joined(
            List.of(
                new PictureAlternative(),
                new PictureDecorative(),
                new PictureElsewhere(),
                new AlternativeFileName(),
                new AlternativeOpening(),
                new AlternativeLength(),
                new AlternativeCaption(),
                new AlternativeBeside(),
                new AlternativeColour(),
                new MediaWords(),
                new EmbedTitle(),
                new AssetExpires(),
                new AssetBinned()),
            joined(PictureTextRequired.all(), PictureFileRule.all())));
    GROUPS.put(
        RuleGroup.LINKS,
        joined(
            List.of(
                new EmptyLinkText(),
                new LinkWords(),
                new LinkSameWords(),
                new LinksSideBySide(),
                new LinkPlaceMissing(),
                new LinkNewTab(),
                new LinkFile()),
            joined(LinkTargetRule.all(), CountRules.ofLinks())));
    GROUPS.put(
        RuleGroup.STRUCTURE,
        List.of(
            new HeadingSkipped(),
            new HeadingLong(),
            new HeadingBreak(),
            new HeadingRepeated(),
            new HeadingAlone(),
            new ParagraphLong(),
            new WallOfText(),
            new LongCentred(),
            new Underlined(),
            new ListOfOne(),
            new QuoteUnnamed(),
            new TableHead(),
            new TableHeadEmpty(),
            new TableCaption(),
            new TableTyped(),
            new TableLayout(),
            new TextSmall(),
            new ItemLanguage(),
            new ForeignPassage(),
            new LastLine(),
            new JustifiedHoles(),
            new SideColumnRule(),
            new TableWide(),
            new ColourContrast(),
            new TooManyStyles()));
    GROUPS.put(
        RuleGroup.WORDS,
        joined(
            List.of(
                new HouseWords(),
                new Placeholder(),
                new SentenceLong(),
                new ReadingEase(),
                new PlainWords(),
                new PassiveChain(),
                new AbbreviationUnexplained()),
            joined(HeadlineCase.all(), ProofreadRule.all())));
    GROUPS.put(
        RuleGroup.SEARCH,
        joined(
            List.of(
                new SearchTitleWidth(),
                new SharedTitle(),
                new TeaserPicture(),
                new CanonicalAddress(),
                new AddressLong(),
                new KeywordPlaces(),
                new TermsCovered()),
            joined(CountRules.ofSearch(), DuplicateDescription.all())));
    GROUPS.put(RuleGroup.LEFTOVERS, List.copyOf(Tidy.rules()));
  }

  private static final List<Rule> RULES = GROUPS.values().stream().flatMap(List::stream).toList();

  private static final Map<String, Rule> BY_ID =
      RULES.stream().collect(Collectors.toMap(Rule::id, Function.identity()));

  /** Grows whenever a rule finds something else than before: what was found by older rules is looked for again. */
  public static final int VERSION = 12;

  private Preflight() {}

  private static List<Rule> joined(List<Rule> some, List<Rule> more) {
    return Stream.concat(some.stream(), more.stream()).toList();
  }

  /** The rule with this id. */
  public static Optional<Rule> findRule(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }

  /** All rules by what sort of fault they look for. */
  public static Map<RuleGroup, List<Rule>> groups() {
    return Collections.unmodifiableMap(GROUPS);
  }

  /** All rules, in the order in which their findings are told. */
  public static List<Rule> rules() {
    return RULES;
  }

  /**
   * All findings in an item; each rule is asked once, and those that are off are not. Where one fails, the others go on,
   * and it is told that it did.
   */
  public static List<Finding> check(Subject subject, Settings settings) {
    return check(RULES, subject, settings);
  }

  static List<Finding> check(List<Rule> rules, Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    for (Rule rule : rules) {
      if (settings.weightOf(rule) != RuleSeverity.OFF) {
        String wording = settings.of(rule).wording();
        for (Finding f : asked(rule, subject, settings)) {
          found.add(wording.isEmpty() ? f : f.withMessage(wording));
        }
      }
    }
    return Finding.numbered(WithinHtml.lifted(found, subject.pieces()));
  }

  private static List<Finding> asked(Rule rule, Subject subject, Settings settings) {
    try {
      return rule.check(subject, settings);
    } catch (CancellationException e) {
      throw e;
    } catch (RuntimeException | StackOverflowError e) {
      LOG.log(System.Logger.Level.ERROR, "rule " + rule.id() + " failed", e);
      return List.of(Finding.ofFailed(rule));
    }
  }

  /**
   * What must be done before the item can go live, as a sentence without its full stop.
   *
   * @return empty when nothing must
   */
  public static String needs(List<StoredFinding> findings) {
    List<String> needs = new ArrayList<>();
    for (Rule rule : RULES) {
      int count =
          (int)
              findings.stream()
                  .filter(f -> f.level() == Severity.MUST_FIX && f.rule().equals(rule.id()))
                  .count();
      if (count > 0) {
        needs.add(rule.descriptor().need(count));
      }
    }
    return needs.isEmpty() ? "" : "Needs " + String.join(", ", needs);
  }

  /** How many of the findings are of a level. */
  public static int count(List<Finding> findings, Severity level) {
    return (int) findings.stream().filter(f -> f.level() == level).count();
  }
}
