package app.blenner.server.site;

import java.util.List;

/** Knows which addresses belong to whom; the area of items answers it. Addresses are told by their lasting names. */
public interface AddressBook {

  /** An address a section has, or once had. */
  record OfSection(String path, String section) {}

  /** Whether an item has, or once had, this address. */
  boolean isTaken(String path);

  /** The section that has, or once had, this address; empty where there is none. */
  String sectionAt(String path);

  /** Reserves an address for a section; the database refuses one that somebody else has. */
  void reserveForSection(String path, String section);

  /** All addresses of sections. */
  List<OfSection> ofSections();

  /** Lets go of the addresses of all sections. */
  void releaseSections();
}
