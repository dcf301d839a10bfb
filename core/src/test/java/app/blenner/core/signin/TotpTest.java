package app.blenner.core.signin;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The test vectors of RFC 6238 (appendix B), RFC 4226 (appendix D) and RFC 4648 (section 10). */
public class TotpTest {
  private static final String TWENTY = "12345678901234567890";
  private static final String THIRTY_TWO = "12345678901234567890123456789012";
  private static final String SIXTY_FOUR =
      "1234567890123456789012345678901234567890123456789012345678901234";

  private static byte[] ascii(String text) {
    return text.getBytes(StandardCharsets.US_ASCII);
  }

  /** RFC 6238, appendix B; the seeds of the other algorithms as its erratum 2866 has them. */
  @DataProvider
  Object[][] clock() {
    return new Object[][] {
      {59L, "HmacSHA1", "94287082"},
      {59L, "HmacSHA256", "46119246"},
      {59L, "HmacSHA512", "90693936"},
      {1111111109L, "HmacSHA1", "07081804"},
      {1111111109L, "HmacSHA256", "68084774"},
      {1111111109L, "HmacSHA512", "25091201"},
      {1111111111L, "HmacSHA1", "14050471"},
      {1111111111L, "HmacSHA256", "67062674"},
      {1111111111L, "HmacSHA512", "99943326"},
      {1234567890L, "HmacSHA1", "89005924"},
      {1234567890L, "HmacSHA256", "91819424"},
      {1234567890L, "HmacSHA512", "93441116"},
      {2000000000L, "HmacSHA1", "69279037"},
      {2000000000L, "HmacSHA256", "90698825"},
      {2000000000L, "HmacSHA512", "38618901"},
      {20000000000L, "HmacSHA1", "65353130"},
      {20000000000L, "HmacSHA256", "77737706"},
      {20000000000L, "HmacSHA512", "47863826"},
    };
  }

  @Test(dataProvider = "clock")
  public void passwordsByTheClock(long seconds, String algorithm, String password) {
    String seed =
        switch (algorithm) {
          case "HmacSHA1" -> TWENTY;
          case "HmacSHA256" -> THIRTY_TWO;
          default -> SIXTY_FOUR;
        };
    long step = Totp.stepAt(Instant.ofEpochSecond(seconds));
    assertEquals(new Totp(algorithm, 8).password(ascii(seed), step), password);
  }

  /** RFC 4226, appendix D. */
  @Test
  public void passwordsByCount() {
    String[] wanted = {
      "755224", "287082", "359152", "969429", "338314", "254676", "287922", "162583", "399871",
      "520489"
    };
    for (int i = 0; i < wanted.length; i++) {
      assertEquals(Totp.USUAL.password(ascii(TWENTY), i), wanted[i]);
    }
  }

  @Test
  public void clocksMayDifferByOneStepAndNoPasswordIsGoodTwice() {
    byte[] secret = ascii(TWENTY);
    Instant now = Instant.ofEpochSecond(1_234_567_890L);
    long step = Totp.stepAt(now);
    for (long near = step - 1; near <= step + 1; near++) {
      assertEquals(Totp.USUAL.accepted(secret, Totp.USUAL.password(secret, near), now, 0), near);
    }
    assertEquals(Totp.USUAL.accepted(secret, Totp.USUAL.password(secret, step - 2), now, 0), -1);
    assertEquals(Totp.USUAL.accepted(secret, Totp.USUAL.password(secret, step), now, step), -1);
    assertEquals(Totp.USUAL.accepted(secret, "", now, 0), -1);
    assertEquals(Totp.USUAL.accepted(secret, "12345é", now, 0), -1);
  }

  /** RFC 4648, section 10, without the padding. */
  @DataProvider
  Object[][] letters() {
    return new Object[][] {
      {"", ""},
      {"f", "MY"},
      {"fo", "MZXQ"},
      {"foo", "MZXW6"},
      {"foob", "MZXW6YQ"},
      {"fooba", "MZXW6YTB"},
      {"foobar", "MZXW6YTBOI"},
    };
  }

  @Test(dataProvider = "letters")
  public void bytesAsLettersAndBack(String bytes, String letters) {
    assertEquals(Base32.of(ascii(bytes)), letters);
    assertEquals(Base32.bytes(letters), ascii(bytes));
  }

  @Test
  public void whatIsNoLetterOfItIsRefused() {
    assertThrows(IllegalArgumentException.class, () -> Base32.bytes("MZX1"));
  }
}
