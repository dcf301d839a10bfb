package app.blenner.server.intake;

import app.blenner.core.document.Address;
import app.blenner.core.document.Direction;
import app.blenner.core.intake.Destination;
import app.blenner.server.item.OwnAddresses;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The texts that foreign text joins, as the core wants to know them. */
@Component
class Destinations {
  private final OwnAddresses addresses;

  Destinations(OwnAddresses addresses) {
    this.addresses = addresses;
  }

  /**
   * A text.
   *
   * @param names names of places in it, or null
   * @param language its language as a BCP 47 tag, or null
   */
  Destination of(Set<String> names, String language) {
    return new Destination(
        names == null ? Set.of() : names,
        Direction.ofLanguage(language == null ? "" : language),
        this::own);
  }

  private Optional<Address> own(String address) {
    return addresses.inside(address);
  }
}
