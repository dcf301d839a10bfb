package app.blenner.server.outside;

import app.blenner.core.intake.FetchPolicy;
import app.blenner.core.outside.LinkCheck;
import app.blenner.core.preflight.context.LinkTargetRule;
import app.blenner.core.rule.Standards;
import app.blenner.server.schedule.BackgroundThreads;
import app.blenner.server.schedule.LongWork;
import app.blenner.server.schedule.ScheduledWork;
import app.blenner.server.site.ExternalService;
import app.blenner.server.site.SiteService;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Asks places elsewhere whether they are there, in the background: several hosts at a time, each host one question at a
 * time with a pause between, and none where no rule wants to know.
 */
@Component
class OutsideChecker implements DisposableBean, LongWork {
  private static final Logger LOG = LoggerFactory.getLogger(OutsideChecker.class);

  /** Hosts that are asked at the same time. */
  private static final int AT_A_TIME = 4;

  /** As many are looked through for different hosts. */
  private static final int LOOKED_THROUGH = 400;

  /** After so long another server takes what this one took and did not answer. */
  private static final Duration TAKEN = Duration.ofMinutes(10);

  private static final Duration LONGEST_REST = Duration.ofHours(1);

  private final OutsideLinks links;
  private final ExternalService external;
  private final SiteService sites;
  private final Clock clock;
  private final Duration first;
  private final Duration pause;
  private final Duration longest;
  private final Map<String, Instant> resting = new ConcurrentHashMap<>();
  private volatile boolean ending;
  private final ExecutorService askers = BackgroundThreads.severalBehindOthers("links", AT_A_TIME);

  OutsideChecker(
      OutsideLinks links,
      ExternalService external,
      SiteService sites,
      Clock clock,
      @Value("${blenner.links.first:10s}") Duration first,
      @Value("${blenner.links.pause:2s}") Duration pause,
      @Value("${blenner.links.longest:20s}") Duration longest) {
    this.links = links;
    this.external = external;
    this.sites = sites;
    this.clock = clock;
    this.first = first;
    this.pause = pause;
    this.longest = longest;
  }

  @Override
  public void destroy() {
    ending = true;
    askers.shutdownNow();
  }

  /** Whether a rule wants to know, for any kind. */
  boolean isWanted() {
    Standards standards = sites.site().standards();
    return sites.site().kinds().stream()
        .anyMatch(kind -> LinkTargetRule.wantsAnswers(standards.of(kind.name())));
  }

  @Override
  public When when() {
    return ScheduledWork.every(first, Duration.ofSeconds(1));
  }

  @Override
  public String name() {
    return "links-leader";
  }

  /** Asks some hosts one question each. */
  @Override
  public void round() throws InterruptedException {
    if (!isWanted()) {
      return;
    }
    resting.values().removeIf(until -> !until.isAfter(clock.instant()));
    Set<String> hosts = new HashSet<>();
    List<OutsideLinkEntity> now = new ArrayList<>();
    for (OutsideLinkEntity link : links.due(LOOKED_THROUGH, Set.copyOf(resting.keySet()))) {
      if (now.size() < AT_A_TIME && hosts.add(link.host)) {
        now.add(link);
      }
    }
    if (now.isEmpty()) {
      return;
    }
    List<String> allowed = new ArrayList<>(external.fetchPolicy().hosts());
    allowed.add("*");
    String name = "Blenner (asks whether links lead somewhere" + of() + ")";
    try (WebAsker asker = new WebAsker(new FetchPolicy(allowed, List.of(), true), name, longest)) {
      List<Callable<Void>> questions = new ArrayList<>();
      now.forEach(
          link ->
              questions.add(
                  () -> {
                    ask(link, asker);
                    return null;
                  }));
      askers.invokeAll(questions);
    }
  }

  private String of() {
    String site = sites.site().address();
    return site.isEmpty() ? "" : "; for " + site;
  }

  private void ask(OutsideLinkEntity link, WebAsker asker) {
    Instant now = clock.instant();
    try {
      if (!links.take(link, now.plus(TAKEN))) {
        return;
      }
      LinkCheck.Found found =
          LinkCheck.ask(URI.create(link.address), patiently(asker), clock.instant());
      links.learnt(link.id, found);
      Duration rest = found.pause().compareTo(pause) > 0 ? found.pause() : pause;
      resting.put(
          link.host, clock.instant().plus(rest.compareTo(LONGEST_REST) > 0 ? LONGEST_REST : rest));
    } catch (RuntimeException e) {
      if (!ending) {
        LOG.warn("a link could not be asked: {}", link.address, e);
      }
    }
  }

  /** The same host twice, first without and then with its content, with a breath between. */
  private LinkCheck.Asker patiently(WebAsker asker) {
    Set<String> asked = new HashSet<>();
    return (address, content) -> {
      if (!asked.add(address.getHost())) {
        try {
          Thread.sleep(pause.toMillis());
        } catch (InterruptedException e) {
          Thread.currentThread().interrupt();
        }
      }
      return asker.ask(address, content);
    };
  }
}
