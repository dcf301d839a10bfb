package app.blenner.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;

/** A passkey as it is kept. */
@Entity
@Table(name = "passkey")
class PasskeyEntity {
  @Id String id;
  long accountId;
  String name;
  String publicKey;

  /** What the device said when it made the key, which the library reads the key from. */
  @Column(columnDefinition = "text")
  String attestation;

  long signCount;
  String transports = "";
  boolean backupEligible;
  boolean backupState;
  Instant madeAt;
  Instant usedAt;

  /** Takes over what a device said. */
  void take(CredentialRecord record) {
    id = record.getCredentialId().toBase64UrlString();
    publicKey = new Bytes(record.getPublicKey().getBytes()).toBase64UrlString();
    if (record.getAttestationObject() != null) {
      attestation = record.getAttestationObject().toBase64UrlString();
    }
    signCount = record.getSignatureCount();
    transports =
        record.getTransports() == null
            ? ""
            : record.getTransports().stream()
                .map(AuthenticatorTransport::getValue)
                .sorted()
                .collect(Collectors.joining(","));
    backupEligible = record.isBackupEligible();
    backupState = record.isBackupState();
  }

  CredentialRecord record() {
    return ImmutableCredentialRecord.builder()
        .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
        .credentialId(Bytes.fromBase64(id))
        .userEntityUserId(Passkeys.handleOf(accountId))
        .publicKey(new ImmutablePublicKeyCose(Bytes.fromBase64(publicKey).getBytes()))
        .attestationObject(Bytes.fromBase64(attestation))
        .signatureCount(signCount)
        .uvInitialized(true)
        .transports(transportsOf(transports))
        .backupEligible(backupEligible)
        .backupState(backupState)
        .created(madeAt)
        .lastUsed(usedAt == null ? madeAt : usedAt)
        .label(name)
        .build();
  }

  static Set<AuthenticatorTransport> transportsOf(String words) {
    return Stream.of(words.split(","))
        .filter(word -> !word.isEmpty())
        .map(AuthenticatorTransport::valueOf)
        .collect(Collectors.toSet());
  }
}
