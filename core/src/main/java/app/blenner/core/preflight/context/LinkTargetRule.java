package app.blenner.core.preflight.context;

import app.blenner.core.document.Address;
import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.outside.LinkAnswer.Verdict;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.LinkOccurrence;
import app.blenner.core.rule.LinkedItem;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.RuleTable;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;

/** What is behind the links of a text: items of the site, and places elsewhere. */
public final class LinkTargetRule extends BasicRule {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

  /** The rules by which places elsewhere are asked. */
  public static final Set<String> OUTSIDE =
      Set.of("link-broken", "link-doubtful", "link-moved", "link-not-secure");

  /** What is wrong with a link, or an empty sentence. */
  private interface Wrong extends BiFunction<LinkOccurrence, ItemContext, String> {}

  private interface Mends extends BiFunction<LinkOccurrence, ItemContext, List<Fix>> {}

  private final Wrong wrong;
  private final Mends mends;

  /** Made once: whether one is on is asked at every save. */
  private static final List<Rule> ALL = made();

  private LinkTargetRule(RuleDescriptor descriptor, Wrong wrong, Mends mends) {
    super(descriptor, Scope.SITE);
    this.wrong = wrong;
    this.mends = mends;
  }

  /** All of them. */
  public static List<Rule> all() {
    return ALL;
  }

  private static List<Rule> made() {
    return RuleTable.readBeside(LinkTargetRule.class, "links.yaml").rowsOf("rules").stream()
        .map(r -> (Rule) new LinkTargetRule(r.descriptor(), wrong(r.id()), mends(r.id())))
        .toList();
  }

  private static Wrong wrong(String rule) {
    return switch (rule) {
      case "link-item-gone" -> LinkTargetRule::gone;
      case "link-item-hidden" -> LinkTargetRule::notLive;
      case "link-broken" -> (lead, context) -> verdictOf(lead, context, Verdict.BROKEN);
      case "link-doubtful" -> (lead, context) -> verdictOf(lead, context, Verdict.DOUBTFUL);
      case "link-moved" -> LinkTargetRule::hasMoved;
      case "link-not-secure" -> LinkTargetRule::couldBeSecure;
      default -> throw new IllegalStateException(rule);
    };
  }

  private static Mends mends(String rule) {
    return switch (rule) {
      case "link-item-gone", "link-broken" ->
          (lead, context) -> List.of(lead.leading("Take the link off", null));
      case "link-moved" ->
          (lead, context) ->
              List.of(lead.leading("Link the new address", moved(answerOf(lead, context))));
      case "link-not-secure" ->
          (lead, context) -> List.of(lead.leading("Link it with https://", secure(lead.address())));
      default -> (lead, context) -> List.of();
    };
  }

  private static String gone(LinkOccurrence lead, ItemContext context) {
    return shown(lead, context) == LinkedItem.Shown.NO_MORE
        ? "This leads to an item that is in the bin or deleted."
        : "";
  }

  private static String notLive(LinkOccurrence lead, ItemContext context) {
    return shown(lead, context) == LinkedItem.Shown.NOT_YET
        ? "“" + targetOf(lead, context).title() + "” is not live; readers cannot see it yet."
        : "";
  }

  private static String hasMoved(LinkOccurrence lead, ItemContext context) {
    LinkAnswer answer = answerOf(lead, context);
    return answer == null || moved(answer) == null
        ? ""
        : "This has moved for good to " + answer.leadsTo() + on(answer);
  }

  private static String couldBeSecure(LinkOccurrence lead, ItemContext context) {
    LinkAnswer answer = answerOf(lead, context);
    return answer == null || !answer.secure()
        ? ""
        : "This begins with http://, and answers with https:// as well" + on(answer);
  }

  private static LinkAnswer answerOf(LinkOccurrence lead, ItemContext context) {
    return context.answers().get(lead.address().value());
  }

  /** Whether a rule is on that asks how places elsewhere answered. Nobody is asked for the sake of rules that are off. */
  public static boolean wantsAnswers(Settings settings) {
    return all().stream()
        .filter(r -> OUTSIDE.contains(r.id()))
        .anyMatch(r -> settings.weightOf(r) != RuleSeverity.OFF);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    ItemContext context = subject.itemContext();
    if (context.targets().isEmpty() && context.answers().isEmpty()) {
      return found; // nearly every text, and this is asked at every key
    }
    for (LinkOccurrence lead : subject.leads()) {
      String said = wrong.apply(lead, context);
      if (!said.isEmpty()) {
        found.add(
            Finding.onLead(
                this, settings.severityOf(this), said, lead, mends.apply(lead, context)));
      }
    }
    return found;
  }

  private static LinkedItem targetOf(LinkOccurrence lead, ItemContext context) {
    return context.targets().get(lead.address().itemKey());
  }

  private static LinkedItem.Shown shown(LinkOccurrence lead, ItemContext context) {
    LinkedItem target = targetOf(lead, context);
    return target == null ? null : target.shown();
  }

  private static String verdictOf(LinkOccurrence lead, ItemContext context, Verdict verdict) {
    LinkAnswer answer = answerOf(lead, context);
    return answer == null || answer.verdict() != verdict
        ? ""
        : answer.said().replaceFirst("\\.$", "") + on(answer);
  }

  private static String on(LinkAnswer answer) {
    return " (asked on " + DAY.format(answer.asked().atZone(ZoneOffset.UTC)) + ").";
  }

  private static Address moved(LinkAnswer answer) {
    return Address.parse(answer.leadsTo()).filter(a -> a.kind() == Address.Kind.WEB).orElse(null);
  }

  private static Address secure(Address plain) {
    return Address.parse(plain.value().replaceFirst("^http:", "https:")).orElse(plain);
  }
}
