package app.blenner.server;

import app.blenner.server.start.StartRefused;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** The Blenner server. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@ConfigurationPropertiesScan
public class BlennerApplication {

  public static void main(String[] args) {
    try {
      SpringApplication.run(BlennerApplication.class, args);
    } catch (RuntimeException e) {
      if (StartRefused.findIn(e) == null) {
        throw e;
      }
      System.exit(1);
    }
  }

  /** The clock everything tells the time by. */
  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
