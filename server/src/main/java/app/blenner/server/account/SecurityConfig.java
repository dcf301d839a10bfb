package app.blenner.server.account;

import app.blenner.server.problem.ProblemJson;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.context.NullSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may ask for what, and the headers that keep a page to itself. */
@Configuration
class SecurityConfig {
  private static final String EDITOR_POLICY =
      "default-src 'self'; img-src 'self' data: blob: https: http:; style-src 'self' 'unsafe-inline';"
          + " frame-src 'self' https:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";

  @Bean
  PasswordEncoder passwordEncoder() {
    return new BCryptPasswordEncoder(11);
  }

  @Bean
  SecurityFilterChain chain(HttpSecurity http, SignIns signIns) throws Exception {
    return http.securityMatcher("/editor/**")
        .authorizeHttpRequests(
            a ->
                a.requestMatchers("/editor/api/session/**")
                    .permitAll()
                    // Here somebody turns on the second factor that the site asks for.
                    .requestMatchers("/editor/api/me", "/editor/api/me/**")
                    .authenticated()
                    .requestMatchers("/editor/api/**", "/editor/proof/**")
                    .hasAuthority(SignInFilter.WHOLE)
                    .anyRequest()
                    .permitAll())
        .csrf(c -> c.spa().csrfTokenRepository(token()))
        .securityContext(c -> c.securityContextRepository(new NullSecurityContextRepository()))
        .addFilterAfter(new SignInFilter(signIns), SecurityContextHolderFilter.class)
        .requestCache(c -> c.disable())
        .logout(l -> l.disable())
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .exceptionHandling(
            e -> e.authenticationEntryPoint(signInFirst()).accessDeniedHandler(refused()))
        .headers(
            h ->
                h.contentSecurityPolicy(p -> p.policyDirectives(EDITOR_POLICY))
                    .frameOptions(f -> f.sameOrigin())
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN)))
        .build();
  }

  /** Files are for everybody or for signed-in people: who asks is known, and nothing else is done. */
  @Bean
  SecurityFilterChain media(HttpSecurity http, SignIns signIns) throws Exception {
    return http.securityMatcher("/media/**")
        .authorizeHttpRequests(a -> a.anyRequest().permitAll())
        .csrf(c -> c.disable())
        .securityContext(c -> c.securityContextRepository(new NullSecurityContextRepository()))
        .addFilterAfter(new SignInFilter(signIns), SecurityContextHolderFilter.class)
        .requestCache(c -> c.disable())
        .logout(l -> l.disable())
        .headers(h -> h.disable())
        .build();
  }

  /** Scripts of the editor read the token; no other site's requests carry it. */
  private static CookieCsrfTokenRepository token() {
    CookieCsrfTokenRepository token = CookieCsrfTokenRepository.withHttpOnlyFalse();
    token.setCookieCustomizer(c -> c.sameSite("Lax"));
    return token;
  }

  private static AuthenticationEntryPoint signInFirst() {
    return (request, response, e) ->
        problem(
            response,
            HttpStatus.UNAUTHORIZED,
            "You are not signed in any more. Sign in to go on.",
            Map.of());
  }

  /** A token that is old or missing is told as that: the editor gets itself a new one and tries again. */
  private static AccessDeniedHandler refused() {
    return (request, response, e) ->
        problem(
            response,
            HttpStatus.FORBIDDEN,
            e instanceof CsrfException
                ? "This request came without the token of its page. Reload the page and try again."
                : AccountService.present().filter(Account::owesSecond).isPresent()
                    ? "The site asks you to sign in with a second factor. Reload the page to turn it on."
                    : "You may not do this.",
            Map.of("token", e instanceof CsrfException));
  }

  private static void problem(
      HttpServletResponse response, HttpStatus status, String sentence, Map<String, Object> more)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getOutputStream().write(ProblemJson.of(status.value(), sentence, more));
  }
}
