package app.blenner.server.find;

import java.util.function.Consumer;
import org.hibernate.search.engine.reporting.EntityIndexingFailureContext;
import org.hibernate.search.engine.reporting.FailureContext;
import org.hibernate.search.engine.reporting.FailureHandler;

/** Hands on what went wrong in a thread of the index's own, where no exception reaches whoever asked for the work. */
record IndexFailureHandler(Consumer<Throwable> toldTo) implements FailureHandler {
  @Override
  public void handle(FailureContext context) {
    toldTo.accept(context.throwable());
  }

  @Override
  public void handle(EntityIndexingFailureContext context) {
    toldTo.accept(context.throwable());
  }
}
