package app.blenner.core.preflight.beyond;

import app.blenner.core.document.Address;
import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.outside.LinkAnswer.Verdict;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Beyond;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Lead;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.rule.Target;
import app.blenner.core.rule.Told;
import app.blenner.core.rule.Weight;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;

/** What is behind the links of a text: items of the site, and places elsewhere. */
public final class LeadRule extends BasicRule {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

  private static final String FOUND = "WCAG 2.2, success criterion 2.4.4 Link Purpose; RFC 9110, ";

  /** The rules by which places elsewhere are asked. */
  public static final Set<String> OUTSIDE =
      Set.of("link-broken", "link-doubtful", "link-moved", "link-not-secure");

  /** What is wrong with a link, or an empty sentence. */
  private interface Wrong extends BiFunction<Lead, Beyond, String> {}

  private interface Mends extends BiFunction<Lead, Beyond, List<Fix>> {}

  private final Wrong wrong;
  private final Mends mends;

  /** Made once: whether one is on is asked at every save. */
  private static final List<Rule> ALL = made();

  private LeadRule(Told told, Wrong wrong, Mends mends) {
    super(told, Scope.SITE);
    this.wrong = wrong;
    this.mends = mends;
  }

  /** All of them. */
  public static List<Rule> all() {
    return ALL;
  }

  private static List<Rule> made() {
    return List.of(
        new LeadRule(
            new Told(
                "link-item-gone",
                "Links to items that are gone",
                "Readers who follow it are told that there is nothing.",
                "Common practice: no link of a site leads to nothing of its own",
                Weight.ADVISED,
                "another target for one link",
                "other targets for %d links"),
            (lead, beyond) ->
                shown(lead, beyond) == Target.Shown.NO_MORE
                    ? "This leads to an item that is in the bin or deleted."
                    : "",
            (lead, beyond) -> List.of(lead.leading("Take the link off", null))),
        new LeadRule(
            new Told(
                "link-item-hidden",
                "Links to items readers cannot see",
                "Until that item is live, readers who follow it are told that there is nothing.",
                "Common practice: what leads to each other goes live together",
                Weight.LOOK,
                "a look at one link to an item that is not live",
                "a look at %d links to items that are not live"),
            (lead, beyond) ->
                shown(lead, beyond) == Target.Shown.NOT_YET
                    ? "“"
                        + target(lead, beyond).title()
                        + "” is not live; readers cannot see it yet."
                    : "",
            (lead, beyond) -> List.of()),
        new LeadRule(
            new Told(
                "link-broken",
                "Links to places elsewhere that are gone",
                "Readers who follow it find nothing there, and blame this page.",
                FOUND + "404 and 410",
                Weight.OFF,
                "another target for one broken link",
                "other targets for %d broken links"),
            (lead, beyond) -> verdict(lead, beyond, Verdict.BROKEN),
            (lead, beyond) -> List.of(lead.leading("Take the link off", null))),
        new LeadRule(
            new Told(
                "link-doubtful",
                "Links that answered oddly",
                "Programs cannot tell whether readers find something there. You can.",
                FOUND + "401 to 599",
                Weight.OFF,
                "a look at one link that answered oddly",
                "a look at %d links that answered oddly"),
            (lead, beyond) -> verdict(lead, beyond, Verdict.DOUBTFUL),
            (lead, beyond) -> List.of()),
        new LeadRule(
            new Told(
                "link-moved",
                "Links to places that have moved",
                "The old address leads on today, and one day it will not any more.",
                "RFC 9110, 301 Moved Permanently and 308 Permanent Redirect",
                Weight.OFF,
                "the new address for one link",
                "new addresses for %d links"),
            (lead, beyond) -> {
              LinkAnswer answer = beyond.answers().get(lead.address().value());
              return answer == null || moved(answer) == null
                  ? ""
                  : "This has moved for good to " + answer.leadsTo() + on(answer);
            },
            (lead, beyond) ->
                List.of(
                    lead.leading(
                        "Link the new address",
                        moved(beyond.answers().get(lead.address().value()))))),
        new LeadRule(
            new Told(
                "link-not-secure",
                "Links without encryption",
                "What readers ask for there can be read and changed on its way.",
                "RFC 9110, section 4.2.2: the https scheme",
                Weight.OFF,
                "encryption for one link",
                "encryption for %d links"),
            (lead, beyond) -> {
              LinkAnswer answer = beyond.answers().get(lead.address().value());
              return answer == null || !answer.secure()
                  ? ""
                  : "This begins with http://, and answers with https:// as well" + on(answer);
            },
            (lead, beyond) ->
                List.of(lead.leading("Link it with https://", secure(lead.address())))));
  }

  /** Whether a rule is on that asks how places elsewhere answered. Nobody is asked for the sake of rules that are off. */
  public static boolean wantsAnswers(Settings settings) {
    return all().stream()
        .filter(r -> OUTSIDE.contains(r.id()))
        .anyMatch(r -> settings.weight(r) != Weight.OFF);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    List<Finding> found = new ArrayList<>();
    Beyond beyond = subject.beyond();
    if (beyond.targets().isEmpty() && beyond.answers().isEmpty()) {
      return found; // nearly every text, and this is asked at every key
    }
    for (Lead lead : subject.leads()) {
      String said = wrong.apply(lead, beyond);
      if (!said.isEmpty()) {
        found.add(
            Finding.onLead(this, settings.level(this), said, lead, mends.apply(lead, beyond)));
      }
    }
    return found;
  }

  private static Target target(Lead lead, Beyond beyond) {
    return beyond.targets().get(lead.address().itemKey());
  }

  private static Target.Shown shown(Lead lead, Beyond beyond) {
    Target target = target(lead, beyond);
    return target == null ? null : target.shown();
  }

  private static String verdict(Lead lead, Beyond beyond, Verdict verdict) {
    LinkAnswer answer = beyond.answers().get(lead.address().value());
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
