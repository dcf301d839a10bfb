package app.blenner.server.site;

import java.util.List;

/** Knows which addresses belong to whom; the area of items answers it. Addresses are told by their lasting names. */
public interface AddressBook {

  /** An address a section has, or once had. */
  record OfSection(String path, String section) {}

  /** The item that has, or once had, this address; empty where there is none. */
  String itemAt(String path);

  /** The section that has, or once had, this address; empty where there is none. */
  String sectionAt(String path);

  /** Lets an item's address go, also where readers may have noted it down. */
  void release(String path);

  /** Reserves an address for a section; the database refuses one that somebody else has. */
  void reserveForSection(String path, String section);

  /** All addresses of sections. */
  List<OfSection> ofSections();

  /** Lets go of the addresses of all sections. */
  void releaseSections();
}
