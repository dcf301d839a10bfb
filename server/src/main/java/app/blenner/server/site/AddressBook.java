package app.blenner.server.site;

/** Knows which addresses belong to items; the area of items answers it. */
public interface AddressBook {

  /** Whether an item has, or once had, this address. */
  boolean isTaken(String path);
}
