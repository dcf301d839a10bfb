package app.blenner.server.site;

import app.blenner.core.document.Address;
import app.blenner.core.document.PlainText;
import app.blenner.core.embed.EmbedHost;
import app.blenner.core.intake.FetchPolicy;
import app.blenner.server.BlennerSettings;
import app.blenner.server.problem.Problem;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What the site has to do with others: the hosts it shows things of, fetches from, and writes to. */
@Service
@Transactional
public class ExternalService {
  private final SiteSettings settings;
  private final JsonMapper json;

  private final BlennerSettings started;
  private final Environment environment;

  ExternalService(
      SiteSettings settings, JsonMapper json, BlennerSettings started, Environment environment) {
    this.started = started;
    this.environment = environment;
    this.settings = settings;
    this.json = json;
  }

  /** The hosts whose things may be shown in the site's pages. */
  @Transactional(readOnly = true)
  public List<EmbedHost> embedHosts() {
    String hosts = settings.get().embedHosts;
    return hosts.isEmpty() ? List.of() : List.of(json.readValue(hosts, EmbedHost[].class));
  }

  /** Changes all of it, or where one part cannot be so, nothing. */
  public void change(List<EmbedHost> hosts, String address, List<String> fetchHosts) {
    embedHosts(hosts);
    contactAddress(address);
    fetchHosts(fetchHosts);
  }

  /** Gives the site another list of hosts. */
  public void embedHosts(List<EmbedHost> hosts) {
    if (hosts.stream().map(EmbedHost::host).distinct().count() < hosts.size()) {
      throw Problem.unusable("A host can stand on the list only once.");
    }
    settings.change(s -> s.embedHosts = json.writeValueAsString(hosts));
  }

  /** The mail address that gets the messages of visitors, or empty. */
  @Transactional(readOnly = true)
  public String contactAddress() {
    return settings.get().contactAddress;
  }

  /** Sends the messages of visitors to another mail address. */
  public void contactAddress(String address) {
    String line = PlainText.toLine(address);
    if (!line.isEmpty() && Address.parse("mailto:" + line).isEmpty()) {
      throw Problem.unusable("A mail address looks like name@example.org.");
    }
    settings.changeQuietly(s -> s.contactAddress = line);
  }

  /** The list of hosts as it was set, for the set-up and for packages. */
  @Transactional(readOnly = true)
  public List<String> fetchHosts() {
    return new FetchPolicy(settings.get().fetchHosts.lines().toList()).hosts();
  }

  /** Where texts may be fetched from. */
  @Transactional(readOnly = true)
  public FetchPolicy fetchPolicy() {
    return fetchPolicy(settings.get().fetchHosts.lines().toList());
  }

  /** Lets somebody fetch from these hosts, but nothing of Blenner itself. */
  @Transactional(readOnly = true)
  public FetchPolicy fetchPolicy(List<String> from) {
    // The stand-ins of the demo are on this machine, where other things may listen too: at their
    // own port only.
    String port = environment.getProperty("local.server.port", "0");
    SettingEntity now = settings.get();
    List<String> hosts =
        from.stream()
            .map(h -> started.isDemo() && h.equals("localhost") ? "localhost:" + port : h)
            .toList();
    List<String> own = new ArrayList<>();
    for (String host : List.of("localhost", "127.0.0.1", "::1", "0:0:0:0:0:0:0:1")) {
      own.add(host + ":" + port);
    }
    if (!now.address.isEmpty()) {
      URI address = URI.create(now.address);
      own.add(address.getHost() + ":" + FetchPolicy.portOf(address));
    }
    return new FetchPolicy(hosts, own, false);
  }

  /** Lets texts be fetched from other hosts. */
  public void fetchHosts(List<String> hosts) {
    List<String> wrong =
        hosts.stream().map(FetchPolicy::problemWith).filter(p -> !p.isEmpty()).toList();
    if (!wrong.isEmpty()) {
      throw Problem.unusable(wrong.get(0));
    }
    String lines = String.join("\n", new FetchPolicy(hosts).hosts());
    settings.changeQuietly(s -> s.fetchHosts = lines);
  }
}
