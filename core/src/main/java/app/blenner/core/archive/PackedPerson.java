package app.blenner.core.archive;

import app.blenner.core.signoff.Role;

/**
 * A person of a package.
 *
 * @param signIn the sign-in name
 * @param name the name others see
 * @param role what the person may do
 */
public record PackedPerson(String signIn, String name, Role role) {}
