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

  private static final String FOUND = "WCAG 2.2, success criterion 2.4.4 Link Purpose; RFC 9110, ";

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
    return List.of(
        new LinkTargetRule(
            new RuleDescriptor(
                "link-item-gone",
                "Links to items that are gone",
                "Readers who follow it are descriptor that there is nothing.",
                "Common practice: no link of a site leads to nothing of its own",
                RuleSeverity.ADVISED,
                "another target for one link",
                "other targets for %d links"),
            (lead, context) ->
                shown(lead, context) == LinkedItem.Shown.NO_MORE
                    ? "This leads to an item that is in the bin or deleted."
                    : "",
            (lead, context) -> List.of(lead.leading("Take the link off", null))),
        new LinkTargetRule(
            new RuleDescriptor(
                "link-item-hidden",
                "Links to items readers cannot see",
                "Until that item is live, readers who follow it are descriptor that there is nothing.",
                "Common practice: what leads to each other goes live together",
                RuleSeverity.LOOK,
                "a look at one link to an item that is not live",
                "a look at %d links to items that are not live"),
            (lead, context) ->
                shown(lead, context) == LinkedItem.Shown.NOT_YET
                    ? "“"
                        + target(lead, context).title()
                        + "” is not live; readers cannot see it yet."
                    : "",
            (lead, context) -> List.of()),
        new LinkTargetRule(
            new RuleDescriptor(
                "link-broken",
                "Links to places elsewhere that are gone",
                "Readers who follow it find nothing there, and blame this page.",
                FOUND + "404 and 410",
                RuleSeverity.OFF,
                "another target for one broken link",
                "other targets for %d broken links"),
            (lead, context) -> verdict(lead, context, Verdict.BROKEN),
            (lead, context) -> List.of(lead.leading("Take the link off", null))),
        new LinkTargetRule(
            new RuleDescriptor(
                "link-doubtful",
                "Links that answered oddly",
                "Programs cannot tell whether readers find something there. You can.",
                FOUND + "401 to 599",
                RuleSeverity.OFF,
                "a look at one link that answered oddly",
                "a look at %d links that answered oddly"),
            (lead, context) -> verdict(lead, context, Verdict.DOUBTFUL),
            (lead, context) -> List.of()),
        new LinkTargetRule(
            new RuleDescriptor(
                "link-moved",
                "Links to places that have moved",
                "The old address leads on today, and one day it will not any more.",
                "RFC 9110, 301 Moved Permanently and 308 Permanent Redirect",
                RuleSeverity.OFF,
                "the new address for one link",
                "new addresses for %d links"),
            (lead, context) -> {
              LinkAnswer answer = context.answers().get(lead.address().value());
              return answer == null || moved(answer) == null
                  ? ""
                  : "This has moved for good to " + answer.leadsTo() + on(answer);
            },
            (lead, context) ->
                List.of(
                    lead.leading(
                        "Link the new address",
                        moved(context.answers().get(lead.address().value()))))),
        new LinkTargetRule(
            new RuleDescriptor(
                "link-not-secure",
                "Links without encryption",
                "What readers ask for there can be read and changed on its way.",
                "RFC 9110, section 4.2.2: the https scheme",
                RuleSeverity.OFF,
                "encryption for one link",
                "encryption for %d links"),
            (lead, context) -> {
              LinkAnswer answer = context.answers().get(lead.address().value());
              return answer == null || !answer.secure()
                  ? ""
                  : "This begins with http://, and answers with https:// as well" + on(answer);
            },
            (lead, context) ->
                List.of(lead.leading("Link it with https://", secure(lead.address())))));
  }

  /** Whether a rule is on that asks how places elsewhere answered. Nobody is asked for the sake of rules that are off. */
  public static boolean wantsAnswers(Settings settings) {
    return all().stream()
        .filter(r -> OUTSIDE.contains(r.id()))
        .anyMatch(r -> settings.weight(r) != RuleSeverity.OFF);
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
            Finding.onLead(this, settings.level(this), said, lead, mends.apply(lead, context)));
      }
    }
    return found;
  }

  private static LinkedItem target(LinkOccurrence lead, ItemContext context) {
    return context.targets().get(lead.address().itemKey());
  }

  private static LinkedItem.Shown shown(LinkOccurrence lead, ItemContext context) {
    LinkedItem target = target(lead, context);
    return target == null ? null : target.shown();
  }

  private static String verdict(LinkOccurrence lead, ItemContext context, Verdict verdict) {
    LinkAnswer answer = context.answers().get(lead.address().value());
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
