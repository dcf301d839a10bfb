package app.blenner.server.several;

/** How far a change of several items has come. */
enum SeveralState {
  RUNNING,
  DONE,
  /** Somebody stopped it. */
  STOPPED,
  /** The server went down while it was made. */
  BROKEN
}
