package app.blenner.server.database;

import java.sql.SQLTransientConnectionException;

/** Every connection that editors may have stayed in use for as long as somebody would wait for one. */
public final class AllInUse extends SQLTransientConnectionException {
  private static final long serialVersionUID = 1L;

  AllInUse() {
    super("every connection for editors is in use");
  }
}
