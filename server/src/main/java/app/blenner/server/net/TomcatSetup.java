package app.blenner.server.net;

import app.blenner.server.BlennerSettings;
import java.time.Duration;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Cookie;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** How Tomcat is set up: its own settings where it has them, our valves where it has none. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class TomcatSetup implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final Duration LOOKS_EVERY = Duration.ofSeconds(5);

  /** Threads beyond what the rooms and their doors hold, to refuse by. */
  private static final int SPARE = 20;

  /** For each piece that is waited for, in a head or in a body. */
  private static final Duration PIECE = Duration.ofSeconds(10);

  private final BlennerSettings settings;

  TomcatSetup(BlennerSettings settings) {
    this.settings = settings;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.setProtocol(WatchedProtocol.class.getName());
    if (!settings.proxies().isEmpty()) {
      factory.addEngineValves(new NamedProxies(settings.proxies()));
      // Behind a proxy there is https; no page of a neighbouring host can then set or see this
      // cookie (RFC 6265bis).
      Cookie cookie = factory.getSettings().getSession().getCookie();
      cookie.setName("__Host-" + cookie.getName());
      cookie.setSecure(true);
    }
    factory.addEngineValves(new BulkheadValve());
    factory.addContextCustomizers(
        context ->
            ((StandardHost) context.getParent())
                .setErrorReportValveClass(ContainerErrors.class.getName()));
    factory.addConnectorCustomizers(this::connector);
  }

  private void connector(Connector connector) {
    WatchedProtocol protocol = (WatchedProtocol) connector.getProtocolHandler();
    protocol.setMaxThreads((BulkheadValve.PLACES + BulkheadValve.DOOR) * 4 + SPARE);
    protocol.setConnectionTimeout((int) PIECE.toMillis());
    protocol.setKeepAliveTimeout((int) Duration.ofSeconds(30).toMillis());
    Thread watch = new Thread(() -> watch(connector, protocol), "connections");
    watch.setDaemon(true);
    watch.start();
  }

  private static void watch(Connector connector, WatchedProtocol protocol) {
    try {
      while (connector.getState() != LifecycleState.DESTROYED) {
        Thread.sleep(LOOKS_EVERY.toMillis());
        protocol.look();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
