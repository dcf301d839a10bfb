package app.blenner.e2e;

import org.testng.annotations.AfterClass;

/** Somebody at a site of their own: what one test makes for everybody, others are not to meet. */
abstract class OwnAppTest extends BrowserTest {
  private App own;

  @Override
  protected App app() {
    if (own == null) {
      own = new App().start();
    }
    return own;
  }

  @AfterClass(alwaysRun = true)
  public void endOwn() {
    if (own != null) {
      own.end();
      own = null;
    }
  }
}
