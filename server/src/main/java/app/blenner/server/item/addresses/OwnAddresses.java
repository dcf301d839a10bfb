package app.blenner.server.item.addresses;

import app.blenner.core.document.Address;
import app.blenner.core.intake.FetchPolicy;
import app.blenner.server.site.SiteService;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Absolute addresses of this very site, as they stand in a text: items and assets by their names, not by their places. */
@Service
@Transactional(readOnly = true)
public class OwnAddresses {
  private static final Pattern ITEM = Pattern.compile("/editor/items/([A-Za-z0-9-]+)");
  private static final Pattern ASSET = Pattern.compile("/media/([^/]+)");

  private final PublicAddresses addresses;
  private final SiteService sites;

  OwnAddresses(PublicAddresses addresses, SiteService sites) {
    this.sites = sites;
    this.addresses = addresses;
  }

  /** What an address means within the site; empty where it leads anywhere else. */
  public Optional<Address> addressWithin(String address) {
    URI uri;
    try {
      uri = new URI(address);
    } catch (URISyntaxException e) {
      return Optional.empty();
    }
    if (!isOwn(uri) || uri.getPath() == null) {
      return Optional.empty();
    }
    String path = uri.getPath().isEmpty() ? "/" : uri.getPath();
    String place = uri.getRawFragment() == null ? "" : "#" + uri.getRawFragment();
    Matcher item = ITEM.matcher(path);
    if (item.matches()) {
      return Address.parse("../items/" + item.group(1) + ".html" + place);
    }
    Matcher asset = ASSET.matcher(path);
    if (asset.matches()) {
      return Address.parse("../assets/" + asset.group(1));
    }
    // The editor is not part of the site, and what stands in for other services is not its own.
    if (path.startsWith("/editor") || path.startsWith("/site/")) {
      return Optional.empty();
    }
    String query = uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery();
    return addresses
        .findAt(path)
        .filter(PublicAddresses.OfItem.class::isInstance)
        .flatMap(
            at ->
                Address.parse("../items/" + ((PublicAddresses.OfItem) at).key() + ".html" + place))
        .or(() -> Address.parse(uri.getRawPath() + query + place));
  }

  /** Whether an address is the site’s own: where readers find it, where it was asked just now, or a path. */
  private boolean isOwn(URI uri) {
    // A path alone is within the site.
    if (uri.getScheme() == null && uri.getHost() == null) {
      return uri.getPath() != null && uri.getPath().startsWith("/");
    }
    if (isAt(uri, sites.site().address())) {
      return true;
    }
    if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now)) {
      return false;
    }
    var request = now.getRequest();
    return request.getServerName().equalsIgnoreCase(uri.getHost())
        && request.getServerPort() == FetchPolicy.portOf(uri);
  }

  private static boolean isAt(URI uri, String origin) {
    if (origin.isEmpty()) {
      return false;
    }
    URI own = URI.create(origin);
    return own.getHost().equalsIgnoreCase(uri.getHost())
        && FetchPolicy.portOf(own) == FetchPolicy.portOf(uri);
  }
}
