package app.blenner.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.stereotype.Component;

/** The one-time word that lets the first person in. It is told in the terminal and nowhere else. */
@Component
public class FirstAccount {
  private final String word;

  FirstAccount() {
    byte[] random = new byte[16];
    new SecureRandom().nextBytes(random);
    word = HexFormat.of().formatHex(random);
  }

  /** The path where the first account is made. */
  public String path() {
    return "/editor/first-account?word=" + word;
  }

  boolean isRight(String given) {
    return MessageDigest.isEqual(
        word.getBytes(StandardCharsets.UTF_8), given.getBytes(StandardCharsets.UTF_8));
  }
}
