package app.blenner.server.site;

/** Knows which addresses belong to whom; the area of items answers it. */
public interface AddressBook {

  /** Whether an item has, or once had, this address. */
  boolean isTaken(String path);

  /** Reserves an address for a section; the database refuses one that somebody else has. */
  void reserveForSection(String path);

  /** Lets go of the addresses of all sections. */
  void releaseSections();
}
