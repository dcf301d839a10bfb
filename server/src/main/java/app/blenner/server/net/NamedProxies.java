package app.blenner.server.net;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.security.web.util.matcher.IpAddressMatcher;

/**
 * What a proxy says of the person behind it ({@code X-Forwarded-For}, {@code -Proto}, {@code -Host}) is believed of the
 * proxies that the set-up names, and of nobody else: anybody can write such a line.
 */
final class NamedProxies extends ValveBase {
  private static final Pattern HOST = Pattern.compile("[A-Za-z0-9.-]{1,253}(:\\d{1,5})?");
  private static final Pattern ADDRESS = Pattern.compile("[0-9a-fA-F:.]{2,45}");

  private final List<IpAddressMatcher> named;

  /**
   * @param named addresses, or ranges as {@code 10.0.0.0/8}
   */
  NamedProxies(List<String> named) {
    super(true);
    this.named = named.stream().map(String::strip).map(IpAddressMatcher::new).toList();
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    if (isNamed(request.getPeerAddr())) {
      believe(request);
    }
    getNext().invoke(request, response);
  }

  private void believe(Request request) {
    // From the right: each line was written by the one that is known already.
    List<String> behind = listOf(request, "X-Forwarded-For");
    Collections.reverse(behind);
    for (String address : behind) {
      if (!ADDRESS.matcher(address).matches()) {
        break;
      }
      request.setRemoteAddr(address);
      request.setRemoteHost(address);
      if (!isNamed(address)) {
        break;
      }
    }
    List<String> protocols = listOf(request, "X-Forwarded-Proto");
    boolean secure =
        !protocols.isEmpty() && protocols.get(protocols.size() - 1).equalsIgnoreCase("https");
    List<String> hosts = listOf(request, "X-Forwarded-Host");
    String host = hosts.isEmpty() ? "" : hosts.get(hosts.size() - 1);
    if (HOST.matcher(host).matches()) {
      int colon = host.indexOf(':');
      request
          .getCoyoteRequest()
          .serverName()
          .setString(colon < 0 ? host : host.substring(0, colon));
      request.getCoyoteRequest().setServerPort(portOf(host, colon, secure));
    } else if (secure) {
      request.getCoyoteRequest().setServerPort(443);
    }
    if (!protocols.isEmpty()) {
      request.setSecure(secure);
      request.getCoyoteRequest().scheme().setString(secure ? "https" : "http");
    }
  }

  private static int portOf(String host, int colon, boolean secure) {
    int plain = secure ? 443 : 80;
    int port = colon < 0 ? plain : Integer.parseInt(host.substring(colon + 1));
    return port > 0 && port < 65_536 ? port : plain;
  }

  private static List<String> listOf(Request request, String header) {
    return new java.util.ArrayList<>(
        Collections.list(request.getHeaders(header)).stream()
            .flatMap(h -> Pattern.compile(",").splitAsStream(h))
            .map(String::strip)
            .filter(h -> !h.isEmpty())
            .toList());
  }

  private boolean isNamed(String address) {
    return named.stream().anyMatch(n -> n.matches(address));
  }
}
