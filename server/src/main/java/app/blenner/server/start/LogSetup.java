package app.blenner.server.start;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.turbo.TurboFilter;
import ch.qos.logback.core.spi.FilterReply;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.LoggerFactory;
import org.slf4j.Marker;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.context.logging.LoggingApplicationListener;
import org.springframework.context.ApplicationListener;
import org.springframework.core.Ordered;

/** Keeps the log readable where one thing fails over and over: it is written once a minute, with how often it came. */
public final class LogSetup
    implements ApplicationListener<ApplicationEnvironmentPreparedEvent>, Ordered {

  @Override
  public int getOrder() {
    return LoggingApplicationListener.DEFAULT_ORDER + 1;
  }

  @Override
  public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
    if (LoggerFactory.getILoggerFactory() instanceof LoggerContext log
        && log.getTurboFilterList().stream().noneMatch(Repeats.class::isInstance)) {
      log.addTurboFilter(new Repeats());
    }
  }

  /** Lets a warning or an error of one place in the program through once a minute. */
  static final class Repeats extends TurboFilter {
    private static final long PAUSE = TimeUnit.MINUTES.toNanos(1);

    /** So many places at most are remembered; a program has fewer. */
    private static final int MOST = 1_000;

    private record Seen(long since, AtomicInteger more) {}

    private final Map<String, Seen> seen = new ConcurrentHashMap<>();

    @Override
    public FilterReply decide(
        Marker marker, Logger logger, Level level, String format, Object[] values, Throwable t) {
      if (!level.isGreaterOrEqual(Level.WARN)
          || !level.isGreaterOrEqual(logger.getEffectiveLevel())
          || format == null) {
        return FilterReply.NEUTRAL;
      }
      // What differs from one time to the next are the numbers in it.
      String place =
          logger.getName()
              + ' '
              + format.replaceAll("\\d+", "#")
              + ' '
              + (t == null ? "" : kind(t));
      long now = System.nanoTime();
      if (seen.size() > MOST) {
        seen.clear();
      }
      Seen before = seen.get(place);
      if (before != null && now - before.since < PAUSE) {
        before.more.incrementAndGet();
        return FilterReply.DENY;
      }
      seen.put(place, new Seen(now, new AtomicInteger()));
      if (before != null && before.more.get() > 0) {
        logger.info("The next line came {} times more since it was written last.", before.more);
      }
      return FilterReply.NEUTRAL;
    }

    private static String kind(Throwable failure) {
      Throwable root = failure;
      for (int i = 0; i < 20 && root.getCause() != null; i++) {
        root = root.getCause();
      }
      return failure.getClass().getName() + root.getClass().getName();
    }
  }
}
