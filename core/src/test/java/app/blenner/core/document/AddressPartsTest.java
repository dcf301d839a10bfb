package app.blenner.core.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AddressPartsTest {
  /** RFC 3986, appendix B, as printed there. */
  private static final Pattern APPENDIX_B =
      Pattern.compile("^(([^:/?#]+):)?(//([^/?#]*))?([^?#]*)(\\?([^#]*))?(#(.*))?", Pattern.DOTALL);

  @Test
  public void theExampleOfTheAppendix() {
    assertEquals(
        AddressParts.of("http://www.ics.uci.edu/pub/ietf/uri/#Related"),
        new AddressParts("http", "www.ics.uci.edu", "/pub/ietf/uri/", null, "Related"));
  }

  @DataProvider
  public Object[][] seeds() {
    return new Object[][] {{1L}, {2L}, {3L}, {4L}, {5L}};
  }

  /** Anything at all comes apart as the expression takes it apart. */
  @Test(dataProvider = "seeds")
  public void anyTextComesApartAsTheExpressionSays(long seed) {
    Random random = new Random(seed);
    for (int n = 0; n < 20_000; n++) {
      StringBuilder text = new StringBuilder();
      for (int i = random.nextInt(14); i > 0; i--) {
        text.append("ab:/?#@.%é \u2028".charAt(random.nextInt(12)));
      }
      Matcher m = APPENDIX_B.matcher(text);
      assertTrue(m.matches(), text.toString());
      assertEquals(
          AddressParts.of(text.toString()),
          new AddressParts(m.group(2), m.group(4), m.group(5), m.group(7), m.group(9)),
          text.toString());
    }
  }
}
