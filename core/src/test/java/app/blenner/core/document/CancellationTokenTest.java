package app.blenner.core.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.expectThrows;

import app.blenner.core.document.CancellationToken.Times;
import java.util.concurrent.CancellationException;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Work is stopped for the reason there is. */
public class CancellationTokenTest {
  private long passed;
  private long worked;

  @BeforeMethod
  public void begin() {
    passed = 0;
    worked = 0;
  }

  @AfterMethod
  public void end() {
    CancellationToken.end();
  }

  private void begin(boolean somebodyWaits) {
    CancellationToken.begin(30_000, () -> somebodyWaits, new Times(() -> passed, () -> worked));
  }

  private void after(long seconds, long ofWork) {
    passed += TimeUnit.SECONDS.toNanos(seconds);
    worked += TimeUnit.SECONDS.toNanos(ofWork);
  }

  @Test
  public void whatOnlyWaitedIsToldThatOthersTookTheTime() {
    begin(true);
    after(31, 2);
    assertThrows(CancellationToken.Overloaded.class, CancellationToken::check);
  }

  @Test
  public void whatWorkedAllTheTimeWasTooMuch() {
    begin(true);
    after(31, 29);
    CancellationException e = expectThrows(CancellationException.class, CancellationToken::check);
    assertEquals(e.getMessage(), "It took too long.");
  }

  @Test
  public void whatNobodyWaitsForIsStoppedBeforeItsTime() {
    begin(false);
    after(1, 1);
    CancellationException e = expectThrows(CancellationException.class, CancellationToken::check);
    assertEquals(e.getMessage(), "Nobody waits for it any more.");
  }

  @Test
  public void whatIsWaitedForGoesOnUntilThen() {
    begin(true);
    after(29, 29);
    CancellationToken.check();
  }
}
