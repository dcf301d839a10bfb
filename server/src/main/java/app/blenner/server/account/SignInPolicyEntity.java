package app.blenner.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one row that says how people sign in. */
@Entity
@Table(name = "sign_in_policy")
class SignInPolicyEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;

  @Version long revision;

  String secondFor = "";
}
