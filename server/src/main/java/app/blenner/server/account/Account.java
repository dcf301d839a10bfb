package app.blenner.server.account;

import app.blenner.core.signoff.Role;

/**
 * A person who works on the site.
 *
 * @param id its number
 * @param signIn what the person types to sign in
 * @param name the name others see
 * @param role what the person may do
 * @param active whether the person still works here
 */
public record Account(long id, String signIn, String name, Role role, boolean active) {
  /** Whose a file on its way is. */
  public String owner() {
    return String.valueOf(id);
  }
}
