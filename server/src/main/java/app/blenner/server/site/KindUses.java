package app.blenner.server.site;

import app.blenner.core.kind.Kind;

/** Where a kind is in use: the area of items answers, which this one does not know. */
public interface KindUses {
  /** How many items are of a kind. */
  long count(String kind);

  /** Makes all items of one kind items of another. Their values stay as they are. */
  void move(String from, Kind to);

  /** Has all items of a kind looked over again and listed again, since the kind is another than it was. */
  void lookAnew(Kind kind);

  /** Has all items looked over again. */
  void lookAnewAtAll();
}
