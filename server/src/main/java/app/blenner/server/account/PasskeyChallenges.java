package app.blenner.server.account;

import app.blenner.server.digest.Sha256;
import app.blenner.server.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Objects;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** What devices are asked to sign: made here, kept by its hash, and answered once within a few minutes. */
@Service
class PasskeyChallenges {
  private static final Duration HOLDS = Duration.ofMinutes(5);
  private static final int BYTES = 32; // Web Authentication, section 13.4.3, asks for 16 at least

  private final PasskeyChallengeRepository rows;
  private final Clock clock;

  PasskeyChallenges(PasskeyChallengeRepository rows, Clock clock) {
    this.rows = rows;
    this.clock = clock;
  }

  /**
   * Makes one.
   *
   * @param account whose new passkey it is for; null where somebody signs in
   */
  @Transactional
  public Bytes make(Long account) {
    Instant now = clock.instant();
    rows.forgetOld(now);
    Bytes challenge = new Bytes(Secrets.random(BYTES));
    PasskeyChallengeEntity row = new PasskeyChallengeEntity();
    row.hash = Sha256.of(challenge.toBase64UrlString());
    row.accountId = account;
    row.endsAt = now.plus(HOLDS);
    rows.save(row);
    return challenge;
  }

  /**
   * The challenge that a device says it has signed. It cannot be answered again, whatever comes of it.
   *
   * @param clientData what the browser says of it, as JSON (Web Authentication, section 5.8.1)
   * @param account whose new passkey it is for; null where somebody signs in
   * @throws Problem where it is none of ours, or too old
   */
  @Transactional(propagation = Propagation.REQUIRES_NEW, noRollbackFor = Problem.class)
  public Bytes take(byte[] clientData, Long account) {
    String challenge = challengeIn(clientData);
    String hash = Sha256.of(challenge);
    PasskeyChallengeEntity row = rows.findById(hash).orElse(null);
    boolean good =
        row != null
            && row.endsAt.isAfter(clock.instant())
            && Objects.equals(row.accountId, account);
    if (rows.take(hash) == 0 || !good) {
      throw Problem.unusable("This took too long, or was answered before. Begin again.");
    }
    return new Bytes(Base64.getUrlDecoder().decode(challenge));
  }

  private static String challengeIn(byte[] clientData) {
    try {
      String json = new String(clientData, StandardCharsets.UTF_8);
      return JsonMapper.shared().readTree(json).path("challenge").asString("");
    } catch (JacksonException e) {
      return "";
    }
  }
}
