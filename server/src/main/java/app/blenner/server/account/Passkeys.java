package app.blenner.server.account;

import app.blenner.core.document.PlainText;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialParameters;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Passkeys: keys that a person's device holds and lets them use by its own lock, so that they sign in without a password
 * (Web Authentication, level 3). The device has to look whom it has before it; that makes two factors of it.
 */
@Service
@Transactional
class Passkeys {
  private static final Logger LOG = LoggerFactory.getLogger(Passkeys.class);

  /** Nobody needs more devices. */
  private static final int MOST = 20;

  private static final int LONGEST_NAME = 100;

  /** Where authenticator data says how often it has signed, after the hash of the site and the flags (section 6.1). */
  private static final int COUNT_AT = 33;

  /** What devices may sign with: ECDSA and Ed25519, and RSA for older ones. */
  private static final List<PublicKeyCredentialParameters> SIGNATURES =
      List.of(
          PublicKeyCredentialParameters.ES256,
          PublicKeyCredentialParameters.EdDSA,
          PublicKeyCredentialParameters.RS256);

  /**
   * What a browser is asked for a new passkey; bytes are written in base64url.
   *
   * @param origin where the editor has to be open for it
   * @param site the host that passkeys are for
   * @param user what tells this person from others; it says nothing of them
   * @param known the passkeys that are there already, which a device must not make again
   */
  record Offer(
      String challenge,
      String origin,
      String site,
      String user,
      String signIn,
      String name,
      List<Long> algorithms,
      List<String> known) {}

  /**
   * What a browser is asked for to sign somebody in.
   *
   * @param origin where the editor has to be open for it
   */
  record Request(String challenge, String origin, String site) {}

  /** A new passkey as the browser gives it; bytes are written in base64url. */
  record Made(String id, String clientData, String attestation, String transports) {}

  /** That a device has signed; bytes are written in base64url. */
  record Signed(
      String id, String clientData, String authenticatorData, String signature, String user) {}

  /** A passkey as its person sees it. */
  record PasskeyView(String id, String name, Instant madeAt, Instant usedAt) {}

  private final PasskeyRepository rows;
  private final AccountRepository accounts;
  private final PasskeyChallenges challenges;
  private final StoredPasskeys stored;
  private final SignInPolicy policy;
  private final ObjectProvider<SiteOrigin> origins;
  private final AuditService audit;
  private final Clock clock;

  Passkeys(
      PasskeyRepository rows,
      AccountRepository accounts,
      PasskeyChallenges challenges,
      StoredPasskeys stored,
      SignInPolicy policy,
      ObjectProvider<SiteOrigin> origins,
      AuditService audit,
      Clock clock) {
    this.rows = rows;
    this.accounts = accounts;
    this.challenges = challenges;
    this.stored = stored;
    this.policy = policy;
    this.origins = origins;
    this.audit = audit;
    this.clock = clock;
  }

  /** By what devices tell people apart; it says nothing of them, as the standard asks (section 14.6.1). */
  static Bytes handleOf(long account) {
    return new Bytes(("account-" + account).getBytes(StandardCharsets.US_ASCII));
  }

  private String origin() {
    return origins.getObject().origin();
  }

  private static String hostOf(String origin) {
    return URI.create(origin).getHost();
  }

  private Webauthn4JRelyingPartyOperations operations(String origin) {
    return new Webauthn4JRelyingPartyOperations(
        stored,
        stored,
        PublicKeyCredentialRpEntity.builder().id(hostOf(origin)).name("Blenner").build(),
        Set.of(origin));
  }

  /** Those of somebody, the first first. */
  @Transactional(readOnly = true)
  public List<PasskeyView> of(Account who) {
    return rows.findAllByAccountIdOrderByMadeAt(who.id()).stream()
        .map(p -> new PasskeyView(p.id, p.name, p.madeAt, p.usedAt))
        .toList();
  }

  /** Begins a new passkey. */
  Offer offer(Account who) {
    List<PasskeyEntity> known = rows.findAllByAccountIdOrderByMadeAt(who.id());
    if (known.size() >= MOST) {
      throw Problem.unusable("You have " + MOST + " passkeys. Remove one that you do not use.");
    }
    String origin = origin();
    return new Offer(
        challenges.make(who.id()).toBase64UrlString(),
        origin,
        hostOf(origin),
        handleOf(who.id()).toBase64UrlString(),
        who.signIn(),
        who.name(),
        SIGNATURES.stream().map(p -> p.getAlg().getValue()).toList(),
        known.stream().map(p -> p.id).toList());
  }

  /**
   * Keeps a new passkey.
   *
   * @param name what its person calls it
   */
  PasskeyView add(Account who, String name, Made made) {
    String called = PlainText.toLine(name);
    if (called.isEmpty() || called.length() > LONGEST_NAME) {
      throw Problem.unusable(
          "Give the passkey a name of at most 100 characters, such as the device it is on.");
    }
    byte[] clientData = bytes(made.clientData()).getBytes();
    Bytes challenge = challenges.take(clientData, who.id());
    String origin = origin();
    PublicKeyCredentialCreationOptions options = creation(who, origin, challenge);
    PublicKeyCredential<AuthenticatorAttestationResponse> given =
        credential(
            made.id(),
            AuthenticatorAttestationResponse.builder()
                .clientDataJSON(bytes(made.clientData()))
                .attestationObject(bytes(made.attestation()))
                .transports(List.copyOf(PasskeyEntity.transportsOf(made.transports())))
                .build());
    PasskeyEntity row = new PasskeyEntity();
    try {
      row.take(
          operations(origin)
              .registerCredential(
                  new ImmutableRelyingPartyRegistrationRequest(
                      options, new RelyingPartyPublicKey(given, called))));
    } catch (RuntimeException e) {
      throw refused(e);
    }
    row.accountId = who.id();
    row.name = called;
    row.madeAt = clock.instant();
    rows.saveAndFlush(row);
    audit.note(who.name(), Audited.PASSKEY_ADDED, called);
    return new PasskeyView(row.id, row.name, row.madeAt, null);
  }

  private PublicKeyCredentialCreationOptions creation(Account who, String origin, Bytes challenge) {
    return PublicKeyCredentialCreationOptions.builder()
        .rp(PublicKeyCredentialRpEntity.builder().id(hostOf(origin)).name("Blenner").build())
        .user(entityOf(who.id(), who.signIn(), who.name()))
        .challenge(challenge)
        .pubKeyCredParams(SIGNATURES)
        .authenticatorSelection(
            AuthenticatorSelectionCriteria.builder()
                .userVerification(UserVerificationRequirement.REQUIRED)
                .residentKey(ResidentKeyRequirement.REQUIRED)
                .build())
        .build();
  }

  static PublicKeyCredentialUserEntity entityOf(long id, String signIn, String name) {
    return ImmutablePublicKeyCredentialUserEntity.builder()
        .id(handleOf(id))
        .name(signIn)
        .displayName(name)
        .build();
  }

  /** Begins to sign somebody in, whoever it is. */
  Request ask() {
    String origin = origin();
    return new Request(challenges.make(null).toBase64UrlString(), origin, hostOf(origin));
  }

  /**
   * Who has signed.
   *
   * @throws Problem where nobody who works here has this passkey
   */
  Account judge(Signed signed) {
    Bytes challenge = challenges.take(bytes(signed.clientData()).getBytes(), null);
    String origin = origin();
    PasskeyEntity row = rows.findById(bytes(signed.id()).toBase64UrlString()).orElse(null);
    AccountEntity account =
        row == null ? null : accounts.findById(row.accountId).filter(a -> a.active).orElse(null);
    if (account == null) {
      throw Problem.unusable(
          "Nobody here has this passkey. Sign in with your name and password instead.");
    }
    refuseCopies(row, bytes(signed.authenticatorData()).getBytes());
    try {
      operations(origin)
          .authenticate(
              new RelyingPartyAuthenticationRequest(
                  PublicKeyCredentialRequestOptions.builder()
                      .challenge(challenge)
                      .rpId(hostOf(origin))
                      .userVerification(UserVerificationRequirement.REQUIRED)
                      .build(),
                  assertion(signed)));
    } catch (RuntimeException e) {
      throw refused(e);
    }
    row.usedAt = clock.instant();
    return account.toAccount();
  }

  /** A device that counts has counted on since it was used last; a copy of its key has not (section 7.2, step 22). */
  private static void refuseCopies(PasskeyEntity row, byte[] authenticatorData) {
    long count =
        authenticatorData.length < COUNT_AT + Integer.BYTES
            ? 0
            : Integer.toUnsignedLong(ByteBuffer.wrap(authenticatorData).getInt(COUNT_AT));
    if ((count != 0 || row.signCount != 0) && count <= row.signCount) {
      LOG.warn("a passkey of account {} was used again, perhaps by a copy", row.accountId);
      throw refused(new IllegalStateException("its counter stands still"));
    }
  }

  private static PublicKeyCredential<AuthenticatorAssertionResponse> assertion(Signed signed) {
    return credential(
        signed.id(),
        AuthenticatorAssertionResponse.builder()
            .clientDataJSON(bytes(signed.clientData()))
            .authenticatorData(bytes(signed.authenticatorData()))
            .signature(bytes(signed.signature()))
            .userHandle(signed.user().isEmpty() ? null : bytes(signed.user()))
            .build());
  }

  private static <R extends AuthenticatorResponse> PublicKeyCredential<R> credential(
      String id, R response) {
    // Its methods give back a builder that has forgotten of what it is one.
    PublicKeyCredential.PublicKeyCredentialBuilder<R> out = PublicKeyCredential.builder();
    out.id(id);
    out.rawId(bytes(id));
    out.type(PublicKeyCredentialType.PUBLIC_KEY);
    out.response(response);
    return out.build();
  }

  /** Forgets a passkey of somebody. */
  void remove(Account who, String id) {
    PasskeyEntity row =
        rows.findById(id)
            .filter(p -> p.accountId == who.id())
            .orElseThrow(() -> Problem.notThere("This passkey is not there any more."));
    boolean last = rows.countByAccountId(who.id()) == 1;
    boolean second = accounts.findById(who.id()).orElseThrow().hasSecond();
    if (last && !second && policy.secondFor().contains(who.role())) {
      throw Problem.unusable(
          "The site asks you for more than a password. Add another passkey or turn on a second factor first.");
    }
    rows.delete(row);
    audit.note(who.name(), Audited.PASSKEY_REMOVED, row.name);
  }

  private static Bytes bytes(String base64url) {
    try {
      return Bytes.fromBase64(base64url);
    } catch (IllegalArgumentException e) {
      throw Problem.unusable("What the browser sent is not a passkey. Try again.");
    }
  }

  private static Problem refused(RuntimeException why) {
    LOG.info("a passkey was refused: {}", why.toString());
    return new Problem(
        org.springframework.http.HttpStatus.UNPROCESSABLE_CONTENT,
        "This passkey could not be confirmed. Try again, or sign in with your name and password.",
        Map.of());
  }
}
