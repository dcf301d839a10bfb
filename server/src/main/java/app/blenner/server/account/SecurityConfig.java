package app.blenner.server.account;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
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
  SecurityFilterChain chain(HttpSecurity http) throws Exception {
    return http.securityMatcher("/editor/**")
        .authorizeHttpRequests(
            a ->
                a.requestMatchers("/editor/api/session/**")
                    .permitAll()
                    .requestMatchers("/editor/api/**", "/editor/proof/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .csrf(c -> c.spa())
        .requestCache(c -> c.disable())
        .logout(l -> l.disable())
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .exceptionHandling(e -> e.authenticationEntryPoint(signInFirst()))
        .headers(
            h ->
                h.contentSecurityPolicy(p -> p.policyDirectives(EDITOR_POLICY))
                    .frameOptions(f -> f.sameOrigin())
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN)))
        .build();
  }

  /** Files are for everybody or for signed-in people: who asks is known, and nothing else is done. */
  @Bean
  SecurityFilterChain media(HttpSecurity http) throws Exception {
    return http.securityMatcher("/media/**")
        .authorizeHttpRequests(a -> a.anyRequest().permitAll())
        .csrf(c -> c.disable())
        .requestCache(c -> c.disable())
        .logout(l -> l.disable())
        .headers(h -> h.disable())
        .build();
  }

  private static AuthenticationEntryPoint signInFirst() {
    return (request, response, e) -> {
      response.setStatus(HttpStatus.UNAUTHORIZED.value());
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setCharacterEncoding("UTF-8");
      response
          .getWriter()
          .write(
              "{\"status\":401,\"title\":\"Unauthorized\",\"detail\":"
                  + "\"You are not signed in any more. Sign in to go on.\"}");
    };
  }
}
