package app.blenner.server.item.content;

import app.blenner.core.archive.PackedDismissal;
import app.blenner.core.document.Inlines;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.language.Counts;
import app.blenner.core.language.RelativeDay;
import app.blenner.core.language.WordCounts;
import app.blenner.core.language.WritingLanguage;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Severity;
import app.blenner.core.rule.WaiverPolicy;
import app.blenner.core.signoff.SignOff;
import app.blenner.core.signoff.Turn;
import app.blenner.core.site.Appearances;
import app.blenner.core.site.Site;
import app.blenner.core.toolset.OutsideToolset;
import app.blenner.server.account.Account;
import app.blenner.server.account.PersonalDictionary;
import app.blenner.server.asset.ExpiryService;
import app.blenner.server.item.addresses.Addresses;
import app.blenner.server.item.checks.Dismissals;
import app.blenner.server.item.checks.ItemChecker;
import app.blenner.server.item.content.ItemViews.Changed;
import app.blenner.server.item.content.ItemViews.ContentView;
import app.blenner.server.item.content.ItemViews.Faces;
import app.blenner.server.item.content.ItemViews.FindingView;
import app.blenner.server.item.content.ItemViews.ItemState;
import app.blenner.server.item.content.ItemViews.Labels;
import app.blenner.server.item.content.ItemViews.Measures;
import app.blenner.server.item.content.ItemViews.Placement;
import app.blenner.server.item.content.ItemViews.Sort;
import app.blenner.server.item.content.ItemViews.Standing;
import app.blenner.server.item.content.ItemViews.StepView;
import app.blenner.server.item.content.ItemViews.TakenOut;
import app.blenner.server.item.links.ItemLinks;
import app.blenner.server.item.store.ItemEntity;
import app.blenner.server.item.store.LiveCopyRepository;
import app.blenner.server.site.SiteService;
import app.blenner.server.version.Versions;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Tells how an item stands. */
@Component
public class ItemStates {
  private static final Map<String, Sort> SORTS =
      Preflight.rules().stream()
          .collect(
              Collectors.toMap(
                  Rule::id, r -> new Sort(r.descriptor().label(), r.descriptor().reference())));

  private static final Sort OUTSIDE = new Sort(OutsideToolset.LABEL, OutsideToolset.REFERENCE);

  private final LiveCopyRepository liveCopies;
  private final SiteService sites;
  private final ExpiryService expiries;
  private final Versions versions;
  private final ItemContentPolicy contentPolicy;
  private final ItemChecker checker;
  private final Dismissals dismissals;
  private final ItemLinks links;
  private final PersonalDictionary ownWords;
  private final Clock clock;

  ItemStates(
      LiveCopyRepository liveCopies,
      SiteService sites,
      ExpiryService expiries,
      Versions versions,
      ItemContentPolicy contentPolicy,
      ItemChecker checker,
      Dismissals dismissals,
      ItemLinks links,
      PersonalDictionary ownWords,
      Clock clock) {
    this.versions = versions;
    this.contentPolicy = contentPolicy;
    this.checker = checker;
    this.dismissals = dismissals;
    this.links = links;
    this.ownWords = ownWords;
    this.liveCopies = liveCopies;
    this.sites = sites;
    this.expiries = expiries;
    this.clock = clock;
  }

  /** What is found in an item, and what its texts hold that they do not offer to somebody. */
  public List<Finding> findingsOf(ItemEntity item, Content content, Kind kind, Account by) {
    return Stream.concat(
            checker
                .findingsOf(item.itemKey, item.working, content, kind, ownWords.of(by.id()))
                .stream(),
            contentPolicy
                .findingsOf(kind, by.role(), () -> checker.subject(content, kind))
                .stream())
        .toList();
  }

  private static String words(Finding f, Content content) {
    if (f.from() >= f.to()) {
      return "";
    }
    String text =
        switch (f.field()) {
          case "title" -> content.title();
          case "summary" -> content.summary();
          case "body" ->
              content.body().blockAt(f.path()).map(b -> Inlines.textOf(b.content())).orElse("");
          default -> "";
        };
    return f.to() <= text.length() ? text.substring(f.from(), f.to()) : "";
  }

  /** Waits a little for what is still being read in an item, where that may hold it. */
  public void awaitReading(ItemEntity item, Content content) {
    checker.awaitReading(item.itemKey, content, sites.site().kindNamed(item.kind));
  }

  /** What is found in an item under an identity; what was found in its texts before a change is waited for. */
  public Optional<Finding> findingOf(
      ItemEntity item, Content content, String identity, Account by) {
    Kind kind = sites.site().kindNamed(item.kind);
    Optional<Finding> found = in(findingsOf(item, content, kind, by), identity);
    if (found.isPresent()) {
      return found;
    }
    checker.awaitAll(item.itemKey, content, kind);
    return in(findingsOf(item, content, kind, by), identity);
  }

  private static Optional<Finding> in(List<Finding> findings, String identity) {
    return findings.stream().filter(f -> f.identity().equals(identity)).findFirst();
  }

  /** How an item stands, in which nothing was written just now. */
  public ItemState make(ItemEntity item, Content content, Account by) {
    return make(item, content, by, Addresses.Settled.NONE, "");
  }

  /**
   * How an item stands.
   *
   * @param taken what was taken out of what somebody sent, in a sentence, or empty
   */
  public ItemState make(
      ItemEntity item, Content content, Account by, Addresses.Settled address, String taken) {
    Site site = sites.site();
    Kind kind = site.kindNamed(item.kind);
    boolean reading = checker.read(item.itemKey, content, kind);
    List<Finding> findings = findingsOf(item, content, kind, by);
    Map<String, PackedDismissal> dismissed =
        dismissals.of(item.itemKey, findings, checker.settingsOf(kind));
    Content live =
        liveCopies.findById(item.itemKey).map(l -> versions.contentOf(l.live)).orElse(null);
    Appearances appearances = Appearances.of(site, kind, item.stage, item.itemKey, live);
    return new ItemState(
        item.itemKey,
        item.kind,
        item.stage,
        item.revision,
        new Labels(kind.label(), item.stage.label(), item.author),
        new Changed(item.changedAt, item.changedBy),
        standingView(item, findings, by),
        new Placement(
            content.slug(),
            item.slugByHand,
            address.problem(),
            address.suggestion(),
            content.slug().isEmpty() ? "" : site.pathOf(content.section(), content.slug()),
            appearances.places().isEmpty() ? "" : appearances.places().get(0).path(),
            appearances,
            Appearances.placesOf(site, kind, item.itemKey, content),
            links.linksTo(item.itemKey)),
        WritingLanguage.of(content.languageOn(site.language())),
        new Measures(
            WordCounts.of(content.body()),
            Counts.countCharacters(content.summary()),
            kind.summaryLimit()),
        Faces.of(content, site.name()),
        findings.stream()
            .map(
                f ->
                    FindingView.of(
                        f,
                        SORTS.getOrDefault(f.rule(), OUTSIDE),
                        Dismissals.mayLeave(f, checker.settingsOf(kind), by.role()),
                        dismissed.get(f.identity()),
                        words(f, content)))
            .toList(),
        reading,
        expiries.expiringIn(List.of(item.itemKey)).getOrDefault(item.itemKey, List.of()),
        taken.isEmpty() ? null : new TakenOut(taken, ContentView.of(content)));
  }

  private Standing standingView(ItemEntity item, List<Finding> findings, Account by) {
    SignOff.Standing standing = standingOf(item, findings, by);
    boolean own = standing.own();
    Instant since = item.changeSentAt == null ? item.stageSince : item.changeSentAt;
    String turn =
        Turn.tellTurn(
            standing,
            item.author,
            item.givenBackBy,
            RelativeDay.day(since, clock.instant(), clock.getZone()),
            new Turn.Viewer(by.role(), own));
    List<StepView> steps =
        SignOff.steps(standing, by.role()).stream()
            .map(s -> new StepView(s.action(), s.action().label(own), s.blocked(), s.byFindings()))
            .toList();
    return new Standing(item.stageSince, item.differs, turn, steps);
  }

  public SignOff.Standing standingOf(ItemEntity item, List<Finding> findings, Account by) {
    List<String> publishers =
        item.section.isEmpty() ? List.of() : sites.site().tree().publishers(item.section);
    Settings settings = checker.settingsOf(sites.site().kindNamed(item.kind));
    List<Finding> holding =
        dismissals.withoutOverruled(item.itemKey, findings, settings).stream()
            .filter(f -> f.level() == Severity.MUST_FIX)
            .toList();
    return new SignOff.Standing(
        item.stage,
        holding.size(),
        (int)
            holding.stream()
                .filter(f -> settings.of(f.rule()).overrule() != WaiverPolicy.NOBODY)
                .count(),
        item.differs,
        item.changeSentAt != null,
        item.ownerId == by.id(),
        SignOff.Publishing.of(publishers, by.signIn()));
  }
}
