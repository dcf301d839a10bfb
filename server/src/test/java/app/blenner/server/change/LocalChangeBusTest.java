package app.blenner.server.change;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.ArrayList;
import java.util.List;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.Test;

public class LocalChangeBusTest {
  private record Renamed(String name) implements Change {}

  /** Transactions of nothing: only their order is of interest. */
  private static final class OfNothing extends AbstractPlatformTransactionManager {
    private static final long serialVersionUID = 1;
    private final transient ThreadLocal<Boolean> open = new ThreadLocal<>();

    @Override
    protected Object doGetTransaction() {
      return new Object();
    }

    @Override
    protected boolean isExistingTransaction(Object transaction) {
      return open.get() != null;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
      open.set(true);
    }

    @Override
    protected Object doSuspend(Object transaction) {
      open.remove();
      return true;
    }

    @Override
    protected void doResume(Object transaction, Object suspended) {
      open.set(true);
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
      open.remove();
    }

    @Override
    protected void doRollback(DefaultTransactionStatus status) {
      open.remove();
    }
  }

  private final List<Object> heard = new ArrayList<>();
  private final LocalChangeBus bus = new LocalChangeBus(heard::add);
  private final PlatformTransactionManager manager = new OfNothing();
  private final TransactionTemplate transaction = new TransactionTemplate(manager);

  @Test
  public void withoutATransactionAChangeIsHeardAtOnce() {
    heard.clear();
    bus.publish(new Renamed("a"));
    assertEquals(heard, List.of(new Renamed("a")));
  }

  @Test
  public void withinATransactionItIsHeardOnceAndAfterTheCommit() {
    heard.clear();
    transaction.executeWithoutResult(
        status -> {
          bus.publish(new Renamed("a"));
          bus.publish(new Renamed("b"));
          bus.publish(new Renamed("a"));
          assertEquals(heard, List.of());
        });
    assertEquals(heard, List.of(new Renamed("a"), new Renamed("b")));
  }

  @Test
  public void whatIsRolledBackIsNeverHeard() {
    heard.clear();
    assertThrows(
        IllegalStateException.class,
        () ->
            transaction.executeWithoutResult(
                status -> {
                  bus.publish(new Renamed("a"));
                  throw new IllegalStateException("given up");
                }));
    transaction.executeWithoutResult(status -> bus.publish(new Renamed("b")));
    assertEquals(heard, List.of(new Renamed("b")));
  }

  @Test
  public void anInnerTransactionTellsOfItsOwnChangesOnly() {
    heard.clear();
    TransactionTemplate inner = new TransactionTemplate(manager);
    inner.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    transaction.executeWithoutResult(
        status -> {
          bus.publish(new Renamed("outer"));
          inner.executeWithoutResult(s -> bus.publish(new Renamed("inner")));
          assertEquals(heard, List.of(new Renamed("inner")));
        });
    assertEquals(heard, List.of(new Renamed("inner"), new Renamed("outer")));
  }

  /** After a commit Spring still says that a transaction is there; what is noted with it would wait for ever. */
  @Test
  public void whatAListenerTellsInTurnIsHeardToo() {
    List<Object> told = new ArrayList<>();
    LocalChangeBus[] own = new LocalChangeBus[1];
    own[0] =
        new LocalChangeBus(
            event -> {
              told.add(event);
              if (event.equals(new Renamed("a"))) {
                own[0].publish(new Renamed("b"));
              }
            });
    transaction.executeWithoutResult(status -> own[0].publish(new Renamed("a")));
    assertEquals(told, List.of(new Renamed("a"), new Renamed("b")));
  }
}
