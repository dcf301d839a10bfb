package app.blenner.server.account;

import app.blenner.server.problem.Problem;
import com.nulabinc.zxcvbn.StandardDictionaries;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * What a password must be: long, and not one that everybody uses (NIST SP 800-63B, section 5.1.1.2); nothing else. And
 * checking one, which is slow by intent: so only so much of it is done at once, or somebody who tries passwords would cost
 * everybody else their speed.
 */
@Component
class Passwords {
  static final int SHORTEST = 12;

  private static final int LONGEST = 128;

  /** Stands before the hash of a password that went through the pepper; older ones did not. */
  private static final String PEPPERED = "{pepper}";

  /** At once; the rest of the machine is for those who are in. */
  private static final int HANDS = 1;

  private static final int WAITS = 30;
  private static final long LONGEST_WAIT_SECONDS = 8;

  private final PasswordEncoder encoder;
  private final Pepper pepper;
  private final Semaphore hands = new Semaphore(HANDS, true);

  Passwords(PasswordEncoder encoder, Pepper pepper) {
    this.encoder = encoder;
    this.pepper = pepper;
  }

  /**
   * Makes of a password what is kept.
   *
   * @throws Problem where it is too short, too long or too common
   */
  String encoded(String password, String signIn) {
    if (password.codePointCount(0, password.length()) < SHORTEST) {
      throw Problem.unusable(
          "A password has at least "
              + SHORTEST
              + " characters. A few words in a row are easy to keep in mind.");
    }
    if (password.length() > LONGEST) {
      throw Problem.unusable("A password has at most 128 characters.");
    }
    if (isCommon(password.toLowerCase(Locale.ROOT), signIn)) {
      throw Problem.unusable(
          "Many people have used this password, so it is tried first by whoever wants in. Choose another.");
    }
    return bounded(() -> PEPPERED + encoder.encode(pepper.with(password)));
  }

  /** One of the list, one of them twice, one with the years or digits people put behind, or the name itself. */
  private boolean isCommon(String small, String signIn) {
    String bare = small.replaceAll("[^\\p{L}]+$", "");
    String half = small.substring(0, small.length() / 2);
    boolean twice = small.equals(half + half);
    return Common.ALL.contains(small)
        || (bare.length() < SHORTEST && Common.ALL.contains(bare))
        || (twice && Common.ALL.contains(half))
        || small.chars().distinct().count() < 4
        || small.equals(signIn)
        || bare.equals(signIn);
  }

  /**
   * How hard a password is to guess, by zxcvbn: from 0 for one that is tried first to 4.
   *
   * @param signIn what its person signs in with, which is tried first too
   */
  int strength(String password, String signIn) {
    String looked = password.substring(0, Math.min(LONGEST, password.length()));
    int score = new Zxcvbn().measure(looked, java.util.List.of(signIn)).getScore();
    boolean refused =
        password.length() < SHORTEST || isCommon(password.toLowerCase(Locale.ROOT), signIn);
    return refused ? Math.min(score, 1) : score;
  }

  /**
   * Whether a password is the one that is kept.
   *
   * @param kept null where there is no such person; the same work is done, so that the time taken tells nothing
   */
  boolean matches(String password, String kept) {
    return bounded(
        () -> {
          if (kept == null) {
            encoder.encode(pepper.with(password));
            return false;
          }
          return kept.startsWith(PEPPERED)
              ? encoder.matches(pepper.with(password), kept.substring(PEPPERED.length()))
              : encoder.matches(password, kept);
        });
  }

  private <T> T bounded(java.util.function.Supplier<T> work) {
    try {
      if (hands.getQueueLength() > WAITS
          || !hands.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
        throw new Problem(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Too many people are signing in at this moment. Please try again in a few seconds.");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
    try {
      return work.get();
    } finally {
      hands.release();
    }
  }

  /** The common passwords that the zxcvbn library brings, from collections of those that were found in the open. */
  private static final class Common {
    static final Set<String> ALL = read();

    private static Set<String> read() {
      Set<String> out = new HashSet<>();
      try (BufferedReader in =
          new BufferedReader(
              new InputStreamReader(
                  StandardDictionaries.class.getResourceAsStream(
                      "/com/nulabinc/zxcvbn/matchers/dictionaries/passwords.txt"),
                  StandardCharsets.UTF_8))) {
        in.lines().map(l -> l.strip().toLowerCase(Locale.ROOT)).forEach(out::add);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
      return out;
    }
  }
}
