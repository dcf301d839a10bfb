package app.blenner.server.outside;

import app.blenner.core.intake.FetchPolicy;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.List;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.ManagedHttpClientConnectionFactory;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.core5.http.config.Http1Config;
import org.apache.hc.core5.util.Timeout;

/**
 * Asks the web within a policy. Where a name leads is looked up once, and the connection goes to what was found and
 * checked; a name cannot lead elsewhere in between. No redirect is followed, nothing is tried twice, no cookie is kept.
 */
public final class GuardedWeb {
  /** Longest line of an answer's head, in characters. */
  private static final int LONGEST_LINE = 16_000;

  private static final int MOST_HEADERS = 200;

  private GuardedWeb() {}

  /** The name leads to this machine or a network that is not for everybody. */
  public static final class Private extends UnknownHostException {
    private static final long serialVersionUID = 1;

    Private(String host) {
      super(host);
    }
  }

  /**
   * A client that goes where a policy lets it.
   *
   * @param seconds how long it waits for a connection, and for each piece of an answer
   * @param name what it calls itself
   */
  public static CloseableHttpClient client(FetchPolicy policy, int seconds, String name) {
    Timeout patience = Timeout.ofSeconds(seconds);
    Http1Config limits =
        Http1Config.custom().setMaxLineLength(LONGEST_LINE).setMaxHeaderCount(MOST_HEADERS).build();
    return HttpClients.custom()
        .setConnectionManager(
            PoolingHttpClientConnectionManagerBuilder.create()
                .setDnsResolver(resolver(policy))
                .setConnectionFactory(
                    ManagedHttpClientConnectionFactory.builder().http1Config(limits).build())
                .setDefaultConnectionConfig(
                    ConnectionConfig.custom()
                        .setConnectTimeout(patience)
                        .setSocketTimeout(patience)
                        .build())
                .build())
        .setDefaultRequestConfig(RequestConfig.custom().setResponseTimeout(patience).build())
        .disableRedirectHandling()
        .disableAutomaticRetries()
        .disableCookieManagement()
        .setUserAgent(name)
        .build();
  }

  private static DnsResolver resolver(FetchPolicy policy) {
    return new DnsResolver() {
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
  }
}
