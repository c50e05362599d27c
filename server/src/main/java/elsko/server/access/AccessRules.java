package elsko.server.access;

import static elsko.server.people.Role.COORDINATOR;
import static elsko.server.people.Role.TECHNICIAN;
import static elsko.server.people.Role.YARD_HAND;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import elsko.server.edges.Bodies;
import elsko.server.people.AccountsNow;
import elsko.server.problems.ProblemWriter;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.www.BasicAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/** Which role reaches which address, and how the browser is kept honest. */
@Configuration(proxyBeanMethods = false)
class AccessRules {
  private static final String CONTENT_SECURITY_POLICY =
      "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none';"
          + " frame-ancestors 'none'; form-action 'self'";

  @Bean
  static PasswordEncoder passwordEncoder() {
    return new RememberedPasswords();
  }

  @Bean
  CookieCsrfTokenRepository csrfTokens() {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
    return tokens;
  }

  @Bean
  AuthenticationManager authenticationManager(ThrottledAuthentication throttled) {
    return new ProviderManager(throttled);
  }

  @Bean
  SecurityFilterChain rules(
      HttpSecurity http,
      CookieCsrfTokenRepository csrfTokens,
      ProblemWriter problems,
      AccountsNow accounts,
      Sessions sessions,
      ReadersUnits units)
      throws Exception {
    return http.addFilterAfter(
            new AsOfNow(accounts, sessions, units), BasicAuthenticationFilter.class)
        .authorizeHttpRequests(
            rules ->
                rules
                    .dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD)
                    .permitAll()
                    .requestMatchers(AccessRules::wasLetIn)
                    .permitAll()
                    .requestMatchers(GET, "/api/welcome", "/api/session")
                    .permitAll()
                    .requestMatchers(POST, "/api/session")
                    .permitAll()
                    .requestMatchers(GET, "/api/walks/feed/*")
                    .permitAll()
                    // The key of a link comes with each request.
                    .requestMatchers("/api/owner/**", "/api/invitation")
                    .permitAll()
                    .requestMatchers(PUT, "/api/session/password", "/api/session/units")
                    .authenticated()
                    .requestMatchers("/api/session/all/**")
                    .authenticated()
                    .requestMatchers(GET, "/api/people/workers")
                    .authenticated()
                    .requestMatchers(
                        "/api/people/**", "/api/audit", "/api/imports/**", "/api/boats/draft")
                    .hasRole(COORDINATOR.name())
                    // Asks for a key that only whoever started it on this machine can read.
                    .requestMatchers(POST, "/api/archive/copy")
                    .permitAll()
                    .requestMatchers(
                        GET,
                        "/api/cast-off/boats/*/links",
                        "/api/archive/**",
                        "/api/mail/**",
                        "/api/mail")
                    .hasRole(COORDINATOR.name())
                    .requestMatchers(GET, "/api/**")
                    .authenticated()
                    .requestMatchers(
                        POST,
                        "/api/bench/protection",
                        "/api/bench/strength",
                        "/api/bench/verdict",
                        "/api/bench/blend",
                        "/api/bench/topping",
                        "/api/bench/ratio",
                        "/api/bench/disinfection",
                        "/api/bench/fuel",
                        "/api/bench/fill",
                        "/api/boats/*/circuits/*/fill-forecast",
                        "/api/frost/pocket",
                        "/api/session/end")
                    .authenticated()
                    .requestMatchers(POST, "/api/boats/*/entries", "/api/boats/*/waiting-entries")
                    .hasAnyRole(COORDINATOR.name(), TECHNICIAN.name(), YARD_HAND.name())
                    .requestMatchers(
                        POST, "/api/cast-off/boats/*/rounds", "/api/cast-off/boats/*/after")
                    .hasAnyRole(COORDINATOR.name(), TECHNICIAN.name(), YARD_HAND.name())
                    .requestMatchers(PUT, "/api/cast-off/boats/*/fuel")
                    .hasAnyRole(COORDINATOR.name(), TECHNICIAN.name())
                    .requestMatchers(PUT, "/api/boats/*/photos/*", "/api/boats/*/photos/*/pieces")
                    .hasAnyRole(COORDINATOR.name(), TECHNICIAN.name(), YARD_HAND.name())
                    .requestMatchers(
                        POST,
                        "/api/bench/instruments/*/zero-checks",
                        "/api/bench/instruments/*/calibrations",
                        "/api/bench/instruments/*/device-reading",
                        "/api/bench/jugs",
                        "/api/kit/*/taken",
                        "/api/kit/*/rinsed",
                        "/api/kit/*/fits",
                        "/api/stores/moves",
                        "/api/stores/count",
                        "/api/boats/*/low-points/*/device-reading",
                        "/api/boats/*/engines/*/gauge-reading")
                    .hasAnyRole(COORDINATOR.name(), TECHNICIAN.name())
                    .requestMatchers("/api/**")
                    .hasRole(COORDINATOR.name())
                    .anyRequest()
                    .permitAll())
        .httpBasic(
            basic -> basic.authenticationEntryPoint((q, r, e) -> signInFirst(problems, r, e)))
        .csrf(
            csrf ->
                csrf.spa()
                    .csrfTokenRepository(csrfTokens)
                    .ignoringRequestMatchers(AccessRules::carriesItsOwnPassword)
                    .ignoringRequestMatchers(
                        "/api/owner/**", "/api/invitation", "/api/archive/copy"))
        .exceptionHandling(
            handling ->
                handling
                    .authenticationEntryPoint((q, r, e) -> signInFirst(problems, r, e))
                    .accessDeniedHandler(
                        (q, r, e) ->
                            problems.write(
                                r,
                                HttpStatus.FORBIDDEN,
                                "Not allowed",
                                e instanceof CsrfException ? "X-XSRF-TOKEN" : "role",
                                e instanceof CsrfException
                                    ? "The request does not carry this session's token. Load the page again."
                                    : "Your role may not do this.")))
        .headers(
            headers ->
                headers
                    // A browser that knows only https would lose the door that teaches it.
                    .httpStrictTransportSecurity(strict -> strict.disable())
                    .contentSecurityPolicy(
                        policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                    .referrerPolicy(
                        referrer ->
                            referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
        .requestCache(cache -> cache.disable())
        .formLogin(form -> form.disable())
        .logout(logout -> logout.disable())
        .build();
  }

  /** What goes on after it was answered; whoever is locked while a body comes is not let in. */
  private static boolean wasLetIn(HttpServletRequest request) {
    return request.getDispatcherType() == DispatcherType.ASYNC && !Bodies.hasCome(request);
  }

  /**
   * A page of another site cannot make a browser send this header, and no challenge of ours makes
   * the browser remember one, so such a request needs no token.
   */
  private static boolean carriesItsOwnPassword(HttpServletRequest request) {
    String header = request.getHeader("Authorization");
    return header != null && header.toLowerCase(Locale.ROOT).startsWith("basic ");
  }

  private static void signInFirst(
      ProblemWriter problems, HttpServletResponse response, AuthenticationException why)
      throws IOException {
    if (why instanceof TooManyAttempts tooMany) {
      response.setHeader("Retry-After", tooMany.retryAfter());
      problems.write(response, HttpStatus.TOO_MANY_REQUESTS, "Wait", "password", tooMany.words());
      return;
    }
    problems.write(response, HttpStatus.UNAUTHORIZED, "Sign in", "session", "Sign in first.");
  }
}
