package app.blenner.core.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.expectThrows;

import java.util.concurrent.CancellationException;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Work is stopped for the reason there is. */
public class CancellationTokenTest {
  @AfterMethod
  public void end() {
    CancellationToken.end();
  }

  @Test
  public void whatOnlyWaitedIsToldThatOthersTookTheTime() throws InterruptedException {
    CancellationToken.begin(550, () -> true);
    Thread.sleep(700);
    assertThrows(CancellationToken.Overloaded.class, CancellationToken::check);
  }

  @Test
  public void whatWorkedAllTheTimeWasTooMuch() {
    CancellationToken.begin(1, () -> true);
    CancellationException e =
        expectThrows(
            CancellationException.class,
            () -> {
              for (; ; ) {
                CancellationToken.check();
              }
            });
    assertEquals(e.getClass(), CancellationException.class);
  }

  @Test
  public void whatNobodyWaitsForIsStoppedBeforeItsTime() throws InterruptedException {
    CancellationToken.begin(60_000, () -> false);
    Thread.sleep(600);
    CancellationException e = expectThrows(CancellationException.class, CancellationToken::check);
    assertEquals(e.getMessage(), "Nobody waits for it any more.");
  }
}
