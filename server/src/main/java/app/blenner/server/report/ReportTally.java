package app.blenner.server.report;

import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import app.blenner.core.rule.Severity;
import app.blenner.server.item.marks.LiveItemChecker.Looked;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Counts what is found, item by item. */
final class ReportTally {
  /** So many items that fall short are told of. */
  private static final int TOLD = 50;

  /** So many items can be repaired in one step. */
  private static final int REPAIRED = 10_000;

  private static final class Count {
    int items;
    int falling;
    int findings;
  }

  private static final class Found {
    Severity level = Severity.LOOK;
    int items;
    int findings;
    String repair = "";
    final List<String> keys = new ArrayList<>();
  }

  private final Instant now;
  private final Map<SiteFindings.By, Map<String, Count>> parts =
      new EnumMap<>(SiteFindings.By.class);
  private final Map<String, Found> rules = new LinkedHashMap<>();
  private final List<SiteFindings.ReportShort> some = new ArrayList<>();
  private final Count all = new Count();

  ReportTally(Instant now) {
    this.now = now;
    for (SiteFindings.By by : SiteFindings.By.values()) {
      parts.put(by, new LinkedHashMap<>());
    }
  }

  void add(Looked item) {
    count(all, item);
    part(SiteFindings.By.SECTION, item.section(), item);
    part(SiteFindings.By.KIND, item.kind(), item);
    part(SiteFindings.By.AUTHOR, item.author(), item);
    part(SiteFindings.By.AGE, age(Duration.between(item.since(), now)), item);
    if (item.isShort() && some.size() < TOLD) {
      some.add(new SiteFindings.ReportShort(item.key(), item.title(), item.needs()));
    }
    Set<String> seen = new HashSet<>();
    for (Finding f : item.findings()) {
      Found found = rules.computeIfAbsent(f.rule(), r -> new Found());
      found.findings++;
      if (f.level().compareTo(found.level) < 0) {
        found.level = f.level();
      }
      if (found.repair.isEmpty()) {
        found.repair =
            f.fixes().stream().filter(Fix::isMadeAtOnce).map(Fix::label).findFirst().orElse("");
      }
      if (seen.add(f.rule())) {
        found.items++;
        // Only what can be repaired has to be known by its keys.
        if (!found.repair.isEmpty() && found.keys.size() < REPAIRED) {
          found.keys.add(item.key());
        }
      }
    }
  }

  private void part(SiteFindings.By by, String name, Looked item) {
    count(parts.get(by).computeIfAbsent(name, n -> new Count()), item);
  }

  private static void count(Count count, Looked item) {
    count.items++;
    count.findings += item.findings().size();
    if (item.isShort()) {
      count.falling++;
    }
  }

  private static String age(Duration since) {
    long days = since.toDays();
    if (days <= 30) {
      return "changed within 30 days";
    }
    if (days <= 365) {
      return "changed within a year";
    }
    return days <= 2 * 365 ? "unchanged for a year" : "unchanged for two years or more";
  }

  SiteFindings report() {
    List<SiteFindings.ReportRule> ofRules =
        rules.entrySet().stream()
            .map(
                e ->
                    new SiteFindings.ReportRule(
                        e.getKey(),
                        e.getValue().level,
                        e.getValue().items,
                        e.getValue().findings,
                        e.getValue().repair,
                        e.getValue().keys))
            .sorted(
                Comparator.comparing(SiteFindings.ReportRule::level)
                    .thenComparing(r -> -r.items())
                    .thenComparing(SiteFindings.ReportRule::rule))
            .toList();
    List<SiteFindings.ReportPart> all = new ArrayList<>();
    parts.forEach(
        (by, names) ->
            names.entrySet().stream()
                .map(
                    e ->
                        new SiteFindings.ReportPart(
                            by,
                            e.getKey(),
                            e.getValue().items,
                            e.getValue().falling,
                            e.getValue().findings))
                .sorted(
                    Comparator.comparing((SiteFindings.ReportPart p) -> -p.falling())
                        .thenComparing(p -> -p.findings())
                        .thenComparing(SiteFindings.ReportPart::name))
                .forEach(all::add));
    return new SiteFindings(
        this.all.items, this.all.falling, this.all.findings, ofRules, all, List.copyOf(some));
  }
}
