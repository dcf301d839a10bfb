package app.blenner.core.format.office;

import app.blenner.core.document.Address;

/** Makes addresses that work anywhere of those that work within the site. */
@FunctionalInterface
public interface AddressResolver {
  /** The address as it is in a file that leaves the site. */
  String of(Address address);
}
