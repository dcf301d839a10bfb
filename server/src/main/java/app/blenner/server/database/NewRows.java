package app.blenner.server.database;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hibernate.Session;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes many rows at once of which it is known that none is there yet: nothing is looked up, and nothing is kept at hand. */
@Component
public class NewRows {
  private static final int BATCH = 200;

  /**
   * A row that is small, and of which many are written. A database that is given them in the order of their busiest index
   * goes through that index once; given them as they come, it writes the whole of it over and over.
   */
  public interface Ordered {
    /** Where it is in that index. */
    String order();
  }

  private final EntityManager entities;

  NewRows(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * Writes entities within the transaction that is under way, those of one type together, the types in the order in which
   * the first of each is given. What was loaded so far is loaded again by whoever needs it.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void insert(Collection<?> rows) {
    Map<Class<?>, List<Object>> byType = new LinkedHashMap<>();
    rows.forEach(r -> byType.computeIfAbsent(r.getClass(), t -> new ArrayList<>()).add(r));
    Session session = entities.unwrap(Session.class);
    session.flush();
    session.clear();
    Integer before = session.getJdbcBatchSize();
    session.setJdbcBatchSize(BATCH);
    byType.values().forEach(same -> insert(session, same));
    session.setJdbcBatchSize(before);
  }

  private static void insert(Session session, List<Object> same) {
    if (same.get(0) instanceof Ordered) {
      same.sort(Comparator.comparing(row -> ((Ordered) row).order()));
    }
    for (int from = 0; from < same.size(); from += BATCH) {
      same.subList(from, Math.min(same.size(), from + BATCH)).forEach(session::persist);
      session.flush();
      session.clear();
    }
  }
}
