package app.blenner.server.account;

import app.blenner.core.signoff.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "account")
class AccountEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  String signIn;
  String name;

  @Enumerated(EnumType.STRING)
  Role role;

  String password;

  Account toAccount() {
    return new Account(id, signIn, name, role);
  }
}
