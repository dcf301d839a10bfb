package app.blenner.server.intake;

import app.blenner.core.document.Address;
import app.blenner.core.document.Direction;
import app.blenner.core.intake.Destination;
import app.blenner.core.toolset.ContentPolicy;
import app.blenner.core.toolset.Toolset;
import app.blenner.core.toolset.Use;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.addresses.OwnAddresses;
import app.blenner.server.toolset.ToolsetService;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The texts that foreign text joins, as the core wants to know them. */
@Component
class Destinations {
  private final OwnAddresses addresses;
  private final ToolsetService toolsets;

  Destinations(OwnAddresses addresses, ToolsetService toolsets) {
    this.addresses = addresses;
    this.toolsets = toolsets;
  }

  /**
   * A text.
   *
   * @param names names of places in it, or null
   * @param language its language as a BCP 47 tag, or null
   * @param kind the kind of item it is the text of, or null where none is known yet
   */
  Destination of(Set<String> names, String language, String kind) {
    return new Destination(
        names == null ? Set.of() : names,
        Direction.ofLanguage(language == null ? "" : language),
        this::own,
        allowance(kind));
  }

  private ContentPolicy allowance(String kind) {
    return kind == null || kind.isEmpty()
        ? null
        : toolsets
            .nearest(kind, Use.BODY, AccountService.current().role())
            .map(Toolset::allowance)
            .orElse(null);
  }

  private Optional<Address> own(String address) {
    return addresses.addressWithin(address);
  }
}
