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
 * @param owesSecond whether the site asks the person for a second factor, and there is none yet; known of who is signed in
 */
public record Account(
    long id, String signIn, String name, Role role, boolean active, boolean owesSecond) {
  /** Whose a file on its way is. */
  public String owner() {
    return String.valueOf(id);
  }
}
