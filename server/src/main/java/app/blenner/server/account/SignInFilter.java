package app.blenner.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Looks at every request whether its sign-in still holds, and who the person is now: names and roles change. */
final class SignInFilter extends OncePerRequestFilter {
  private final SignIns signIns;

  SignInFilter(SignIns signIns) {
    this.signIns = signIns;
  }

  /** What somebody has who has signed in with all that the site asks of them. */
  static final String WHOLE = "SIGNED_IN_WITH_ALL";

  private static List<GrantedAuthority> authoritiesOf(Account account) {
    String role = "ROLE_" + account.role();
    return account.owesSecond()
        ? AuthorityUtils.createAuthorityList(role)
        : AuthorityUtils.createAuthorityList(role, WHOLE);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String secret = BrowserSession.secretOf(request);
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    if (secret != null) {
      // A cookie that means nobody is left alone: in another tab of the browser a new one may just
      // have taken its place.
      signIns
          .who(secret)
          .ifPresent(
              account ->
                  context.setAuthentication(
                      UsernamePasswordAuthenticationToken.authenticated(
                          account, null, authoritiesOf(account))));
    }
    SecurityContextHolder.setContext(context);
    chain.doFilter(request, response);
  }
}
