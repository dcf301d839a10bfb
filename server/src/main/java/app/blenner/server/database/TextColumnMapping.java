package app.blenner.server.database;

import org.hibernate.dialect.Dialect;
import org.hibernate.dialect.H2Dialect;
import org.hibernate.engine.jdbc.dialect.spi.DialectResolutionInfo;
import org.hibernate.engine.jdbc.dialect.spi.DialectResolver;
import org.hibernate.type.SqlTypes;

/**
 * Columns of the type {@code text}. H2 makes them large objects, and reads and writes them as strings all the same; the
 * check of the schema at each start has to be told so.
 */
public final class TextColumnMapping implements DialectResolver {
  private static final long serialVersionUID = 1;

  /** Named in the settings, and made by Hibernate. */
  public TextColumnMapping() {}

  @Override
  public Dialect resolveDialect(DialectResolutionInfo info) {
    return "H2".equals(info.getDatabaseName()) ? new WithText(info) : null;
  }

  private static final class WithText extends H2Dialect {
    WithText(DialectResolutionInfo info) {
      super(info);
    }

    @Override
    public boolean equivalentTypes(int one, int other) {
      return (one == SqlTypes.VARCHAR && other == SqlTypes.CLOB)
          || (one == SqlTypes.CLOB && other == SqlTypes.VARCHAR)
          || super.equivalentTypes(one, other);
    }
  }
}
