package app.blenner.server.account;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Component;

/** Passkeys and people as the library that confirms them asks for them. What is new is written by {@link Passkeys}. */
@Component
class StoredPasskeys implements UserCredentialRepository, PublicKeyCredentialUserEntityRepository {
  private final PasskeyRepository rows;
  private final AccountRepository accounts;

  StoredPasskeys(PasskeyRepository rows, AccountRepository accounts) {
    this.rows = rows;
    this.accounts = accounts;
  }

  @Override
  public CredentialRecord findByCredentialId(Bytes id) {
    return rows.findById(id.toBase64UrlString()).map(PasskeyEntity::record).orElse(null);
  }

  @Override
  public List<CredentialRecord> findByUserId(Bytes user) {
    return rows.findAllByAccountIdOrderByMadeAt(accountOf(user)).stream()
        .map(PasskeyEntity::record)
        .toList();
  }

  /** How often one was used goes up, by which a copy of it is found out. */
  @Override
  public void save(CredentialRecord record) {
    rows.findById(record.getCredentialId().toBase64UrlString()).ifPresent(row -> row.take(record));
  }

  @Override
  public void delete(Bytes id) {
    rows.deleteById(id.toBase64UrlString());
  }

  @Override
  public PublicKeyCredentialUserEntity findById(Bytes user) {
    return accounts
        .findById(accountOf(user))
        .map(a -> Passkeys.entityOf(a.id, a.signIn, a.name))
        .orElse(null);
  }

  @Override
  public PublicKeyCredentialUserEntity findByUsername(String signIn) {
    return accounts
        .findBySignIn(signIn)
        .map(a -> Passkeys.entityOf(a.id, a.signIn, a.name))
        .orElse(null);
  }

  @Override
  public void save(PublicKeyCredentialUserEntity user) {
    // People are kept by their accounts.
  }

  private static long accountOf(Bytes user) {
    String handle = new String(user.getBytes(), StandardCharsets.US_ASCII);
    return handle.matches("account-\\d{1,18}") ? Long.parseLong(handle.substring(8)) : -1;
  }
}
