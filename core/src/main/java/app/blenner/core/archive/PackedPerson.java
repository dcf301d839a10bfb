package app.blenner.core.archive;

import app.blenner.core.signoff.Role;
import java.util.regex.Pattern;

/**
 * A person of a package.
 *
 * @param signIn the sign-in name
 * @param name the name others see
 * @param role what the person may do
 */
public record PackedPerson(String signIn, String name, Role role) {
  private static final Pattern SIGN_IN = Pattern.compile("[\\p{L}\\p{N}._@-]{2,80}");

  /** Whether something can be a sign-in name. */
  public static boolean isSignIn(String name) {
    return SIGN_IN.matcher(name).matches();
  }
}
