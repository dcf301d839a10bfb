package app.blenner.server.find;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Makes the index again, says how far it has come, and ends. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnProperty("blenner.reindex")
class Reindex implements ApplicationRunner {
  private final ItemIndex index;
  private final ConfigurableApplicationContext context;

  Reindex(ItemIndex index, ConfigurableApplicationContext context) {
    this.index = index;
    this.context = context;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    // One that is made already since there was none need not be made twice.
    if (index.standing().state() != IndexStanding.State.SORTING_IN) {
      index.makeAnew();
    }
    while (!index.isReadySoon()) {
      say(index.itemsRead() + " items are in the index.");
    }
    say("The index is made: " + index.itemsRead() + " items.");
    System.exit(SpringApplication.exit(context, () -> 0));
  }

  private static void say(String line) {
    System.out.println(line);
  }
}
