package app.blenner.server.database;

import com.zaxxer.hikari.HikariDataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;

/** Puts {@link SharedConnections} before the pool, with a third of it kept for readers. */
@Component
class ReadersFirst implements BeanPostProcessor {
  /** Less than what a request may take in all, so that whoever waited in vain is told so. */
  private static final long PATIENCE_MILLIS = 20_000;

  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof HikariDataSource pool
        ? new SharedConnections(
            pool, Math.max(1, pool.getMaximumPoolSize() * 2 / 3), PATIENCE_MILLIS)
        : bean;
  }
}
