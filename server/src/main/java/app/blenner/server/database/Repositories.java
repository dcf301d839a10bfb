package app.blenner.server.database;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.data.jpa.repository.query.QueryEnhancerFactories;
import org.springframework.data.jpa.repository.query.QueryEnhancerSelector;
import org.springframework.data.repository.config.BootstrapMode;
import org.springframework.orm.jpa.SharedEntityManagerCreator;

/**
 * How repositories come to be. Reading their queries takes a third of a start, so each repository reads its own when it is
 * first asked, and once: Spring Data would parse every query with a grammar of its own before Hibernate does the same. Nothing
 * here needs that, since no query is given an order or turned into a count.
 */
@Configuration(proxyBeanMethods = false)
@EnableJpaRepositories(
    basePackages = "app.blenner.server",
    bootstrapMode = BootstrapMode.LAZY,
    queryEnhancerSelector = Repositories.PlainQueries.class)
public class Repositories {

  /** What one transaction after the other asks the database through. */
  @Bean
  EntityManager entityManager(EntityManagerFactory factory) {
    return SharedEntityManagerCreator.createSharedEntityManager(factory);
  }

  /** Takes queries as they are written. */
  public static final class PlainQueries
      extends QueryEnhancerSelector.DefaultQueryEnhancerSelector {
    public PlainQueries() {
      super(QueryEnhancerFactories.fallback(), QueryEnhancerFactories.fallback());
    }
  }
}
