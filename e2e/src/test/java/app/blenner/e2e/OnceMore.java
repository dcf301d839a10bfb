package app.blenner.e2e;

import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import org.testng.IAnnotationTransformer;
import org.testng.IRetryAnalyzer;
import org.testng.ITestResult;
import org.testng.annotations.ITestAnnotation;

/**
 * Lets a browser test that failed run once more, and says so: keys can come faster than a busy
 * machine's browser tells the page of them. What fails twice has failed.
 */
public final class OnceMore implements IAnnotationTransformer {

  /** One more try for each test. */
  public static final class Retry implements IRetryAnalyzer {
    private boolean tried;

    @Override
    public boolean retry(ITestResult result) {
      if (tried) {
        return false;
      }
      tried = true;
      System.out.println("once more: " + result.getName() + " after " + result.getThrowable());
      return true;
    }
  }

  @Override
  @SuppressWarnings("rawtypes")
  public void transform(
      ITestAnnotation annotation, Class testClass, Constructor constructor, Method method) {
    annotation.setRetryAnalyzer(Retry.class);
  }
}
