package app.blenner.server.start;

import java.util.List;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.SpringProperties;
import org.springframework.core.env.Environment;

/**
 * Starts with the bean definitions that the build worked out, which saves a quarter of a start. The build can only know an
 * ordinary server: where one of the settings is given that decide which beans there are, Spring finds them out itself.
 */
public final class PreparedStart
    implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

  /** What starts the server says so where the build has prepared it. */
  static final String PREPARED = "blenner.prepared";

  /** The settings that conditions of beans ask for. A test holds this to the conditions there are. */
  public static final List<String> DECIDING =
      List.of("blenner.database", "blenner.reindex", "blenner.store", "blenner.verify");

  private static final String AOT = "spring.aot.enabled";

  @Override
  public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
    Environment told = event.getEnvironment();
    if (told.getProperty(PREPARED, Boolean.class, false)
        && DECIDING.stream().noneMatch(told::containsProperty)) {
      SpringProperties.setFlag(AOT);
    }
  }
}
