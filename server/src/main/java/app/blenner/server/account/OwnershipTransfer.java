package app.blenner.server.account;

/** Whatever belongs to people, and has to belong to another when somebody leaves. */
public interface OwnershipTransfer {
  /** Gives all that is somebody's to another; says how many things that were. */
  int handOver(long from, Account to);
}
