package app.blenner.server.item.bulk;

/** How far a change of several items has come. */
enum BulkState {
  RUNNING,
  DONE,
  /** Somebody stopped it. */
  STOPPED,
  /** The server went down while it was made. */
  BROKEN
}
