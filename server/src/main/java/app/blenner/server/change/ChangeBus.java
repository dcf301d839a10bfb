package app.blenner.server.change;

/**
 * The one way to tell everybody who keeps something in memory, or works in the background, that it is out of date.
 * Listeners are methods with {@link OnChange}.
 */
public interface ChangeBus {

  /**
   * Tells of a change as soon as the current transaction is committed, and never if it is rolled back; at once where there
   * is not a transaction. The same change told of several times in one transaction is heard once.
   */
  void publish(Change change);

  /** Tells at once of a change that is committed already, for whoever is called after a commit. */
  void publishNow(Change change);
}
