package app.blenner.server.intake;

import app.blenner.core.format.office.UnreadableFile;
import app.blenner.core.format.text.Encoding;
import app.blenner.core.intake.FetchPolicy;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.Header;
import org.apache.hc.core5.util.Timeout;
import org.springframework.stereotype.Component;

/**
 * Fetches pages of the web within limits. Where a name leads is looked up once, and the connection
 * goes to what was found and checked; a name cannot lead elsewhere in between.
 */
@Component
class PageFetcher {
  private static final int LARGEST = 5_000_000;
  private static final int MOST_REDIRECTS = 5;
  private static final int SECONDS = 15;

  /** A page, and where it was found in the end. */
  record Fetched(URI address, String html) {}

  /** The name leads to this machine or a network that is not for everybody. */
  private static final class Private extends UnknownHostException {
    Private(String host) {
      super(host);
    }
  }

  /**
   * Fetches a page.
   *
   * @throws IllegalArgumentException where the address may not be fetched
   * @throws UnreadableFile where nothing usable is found there
   */
  Fetched fetch(String typed, FetchPolicy policy) {
    URI address = policy.check(typed);
    long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
    try (CloseableHttpClient client = client(policy)) {
      for (int hops = 0; hops <= MOST_REDIRECTS; hops++) {
        Step step = get(client, address, deadline);
        if (step.next() == null) {
          return new Fetched(address, step.html());
        }
        address = policy.check(address.resolve(step.next()).toString());
      }
      throw new UnreadableFile("This address leads on and on to others; Blenner followed five.");
    } catch (Private e) {
      throw new IllegalArgumentException(
          "“"
              + address.getHost()
              + "” is on this machine or a local network, and the set-up does not name it.");
    } catch (UnknownHostException e) {
      throw new UnreadableFile(
          "There is no server called “" + address.getHost() + "”. Look at the address again.");
    } catch (IOException e) {
      throw new UnreadableFile(
          "“"
              + address.getHost()
              + "” did not give the page in "
              + SECONDS
              + " seconds. Try again later, or paste the text.");
    }
  }

  private CloseableHttpClient client(FetchPolicy policy) {
    DnsResolver resolver =
        new DnsResolver() {
          @Override
          public InetAddress[] resolve(String host) throws UnknownHostException {
            List<InetAddress> allowed = new ArrayList<>();
            for (InetAddress a : SystemDefaultDnsResolver.INSTANCE.resolve(host)) {
              if (FetchPolicy.isPublic(a) || policy.names(host)) {
                allowed.add(a);
              }
            }
            if (allowed.isEmpty()) {
              throw new Private(host);
            }
            return allowed.toArray(InetAddress[]::new);
          }

          @Override
          public String resolveCanonicalHostname(String host) {
            return host;
          }
        };
    Timeout wait = Timeout.ofSeconds(SECONDS);
    return HttpClients.custom()
        .setConnectionManager(
            PoolingHttpClientConnectionManagerBuilder.create()
                .setDnsResolver(resolver)
                .setDefaultConnectionConfig(
                    ConnectionConfig.custom()
                        .setConnectTimeout(wait)
                        .setSocketTimeout(wait)
                        .build())
                .build())
        .setDefaultRequestConfig(RequestConfig.custom().setResponseTimeout(wait).build())
        .disableRedirectHandling()
        .disableAutomaticRetries()
        .disableCookieManagement()
        .setUserAgent("Blenner (fetches one page for an editor)")
        .build();
  }

  /** One answer: a page, or where it leads on to. */
  private record Step(String html, String next) {}

  private static Step get(CloseableHttpClient client, URI address, long deadline)
      throws IOException {
    HttpGet request = new HttpGet(address);
    request.setHeader("Accept", "text/html,application/xhtml+xml,text/plain;q=0.5");
    return client.execute(request, answer -> read(answer, deadline));
  }

  private static Step read(ClassicHttpResponse answer, long deadline) throws IOException {
    int code = answer.getCode();
    Header location = answer.getFirstHeader("Location");
    if (code >= 300 && code < 400 && location != null) {
      return new Step("", location.getValue());
    }
    if (code >= 400) {
      throw new UnreadableFile(
          code == 404 || code == 410
              ? "There is no page at this address (" + code + ")."
              : "The server does not give this page away ("
                  + code
                  + "). Copy the text from your browser and paste it.");
    }
    ContentType type =
        answer.getEntity() == null
            ? null
            : ContentType.parseLenient(answer.getEntity().getContentType());
    String kind = type == null ? "" : String.valueOf(type.getMimeType());
    if (!kind.matches("text/html|application/xhtml\\+xml|text/plain")) {
      throw new UnreadableFile(
          "This address holds no page of text. To bring a file in, save it and import it.");
    }
    byte[] bytes = bytes(answer.getEntity().getContent(), deadline);
    String label = Objects.requireNonNullElse(type.getParameter("charset"), "");
    String text = Encoding.readPage(bytes, label).text();
    return new Step(
        kind.equals("text/plain") ? "<pre>" + text.replace("<", "&lt;") + "</pre>" : text, null);
  }

  private static byte[] bytes(InputStream in, long deadline) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    byte[] piece = new byte[16_384];
    for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
      out.write(piece, 0, n);
      if (out.size() > LARGEST) {
        throw new UnreadableFile("This page has more than 5 megabytes, so it was not brought in.");
      }
      if (System.nanoTime() > deadline) {
        throw new IOException("too slow");
      }
    }
    return out.toByteArray();
  }
}
