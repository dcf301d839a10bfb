package app.blenner.server.outside;

import app.blenner.core.intake.FetchPolicy;
import app.blenner.core.outside.FetchOutcome;
import app.blenner.core.outside.FetchOutcome.Answered;
import app.blenner.core.outside.FetchOutcome.Failed;
import app.blenner.core.outside.FetchOutcome.Reason;
import app.blenner.core.outside.LinkCheck;
import app.blenner.server.schedule.BackgroundThreads;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.net.ConnectException;
import java.net.NoRouteToHostException;
import java.net.URI;
import java.net.UnknownHostException;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLException;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.classic.methods.HttpHead;
import org.apache.hc.client5.http.classic.methods.HttpUriRequestBase;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.Header;

/** Asks addresses over the network. Of an answer only its head is read, and what takes too long in all is cut off. */
final class WebAsker implements LinkCheck.Asker, AutoCloseable {
  /** Between the pieces of an answer, in seconds. */
  private static final int PATIENCE = 10;

  private final CloseableHttpClient client;
  private final FetchPolicy policy;
  private final Duration longest;
  private final ScheduledExecutorService cutter = BackgroundThreads.timer("links-cut-off");

  /**
   * @param longest how long one answer may take in all
   */
  WebAsker(FetchPolicy policy, String name, Duration longest) {
    this.policy = policy;
    this.longest = longest;
    this.client = GuardedWeb.client(policy, PATIENCE, name);
  }

  @Override
  public void close() {
    cutter.shutdownNow();
    try {
      client.close();
    } catch (IOException e) {
      // Its connections go with it either way.
      Thread.yield();
    }
  }

  @Override
  public FetchOutcome ask(URI address, boolean content) {
    try {
      policy.check(address.toString());
    } catch (IllegalArgumentException e) {
      return new Failed(Reason.PRIVATE);
    }
    HttpUriRequestBase request = content ? new HttpGet(address) : new HttpHead(address);
    request.setHeader("Accept", "*/*");
    ScheduledFuture<?> cut =
        cutter.schedule(request::cancel, longest.toMillis(), TimeUnit.MILLISECONDS);
    FetchOutcome outcome = null;
    try (ClassicHttpResponse answer = client.executeOpen(null, request, null)) {
      outcome = new Answered(answer.getCode(), valueOf(answer, "Location"), pause(answer));
      // What it would send is not waited for.
      request.cancel();
      return outcome;
    } catch (IOException | RuntimeException e) {
      // Cutting off an answer that is known already is not a failure.
      return outcome != null ? outcome : new Failed(reasonFor(e, request.isAborted()));
    } finally {
      cut.cancel(false);
    }
  }

  private static Reason reasonFor(Exception e, boolean cutOff) {
    if (cutOff) {
      return Reason.SLOW;
    } else if (e instanceof GuardedWeb.Private) {
      return Reason.PRIVATE;
    } else if (e instanceof UnknownHostException) {
      return Reason.NO_SUCH_HOST;
    } else if (e instanceof SSLException) {
      return Reason.NOT_SECURE;
    } else if (e instanceof InterruptedIOException) {
      return Reason.SLOW; // a timeout of the connection or of the socket
    } else if (e instanceof ConnectException || e instanceof NoRouteToHostException) {
      return Reason.REFUSED;
    }
    return Reason.BROKEN_OFF;
  }

  private static String valueOf(ClassicHttpResponse answer, String name) {
    Header header = answer.getFirstHeader(name);
    return header == null || header.getValue() == null ? "" : header.getValue();
  }

  /** RFC 9110, section 10.2.3: seconds, or a day and a time. */
  private static Duration pause(ClassicHttpResponse answer) {
    String said = valueOf(answer, "Retry-After").strip();
    if (said.matches("\\d{1,6}")) {
      return Duration.ofSeconds(Long.parseLong(said));
    }
    try {
      Instant until = ZonedDateTime.parse(said, DateTimeFormatter.RFC_1123_DATE_TIME).toInstant();
      Duration pause = Duration.between(Instant.now(), until);
      return pause.isNegative() ? Duration.ZERO : pause;
    } catch (DateTimeException e) {
      return Duration.ZERO;
    }
  }
}
