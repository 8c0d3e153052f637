package app.bittern.server;

import app.bittern.server.account.BoundTokens;
import app.bittern.server.account.Callers;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/// Who may do what, and the headers that every answer carries.
///
/// The front end's own files, the sign-in and the description of the API are open to anyone; everything else
/// under `/api` needs a session or a machine's token, and what each endpoint says besides
/// ([app.bittern.server.account.Needs]). Requests that change something carry the session's token.
@Configuration
class SecurityConfiguration {
    /// Bits UI's command list sets one constant inline style; its digest stands here instead of
    /// `unsafe-inline`.
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self';"
            + " style-src-attr 'unsafe-hashes' 'sha256-iaOezIDcQIoxCULa6FBKKuLUu09R7kG+Mlu+JVfU3Rw=';"
            + " font-src 'self'; img-src 'self' data:; connect-src 'self'; manifest-src 'self'; base-uri 'none';"
            + " form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, Callers callers, BoundTokens tokens, Environment environment) {
        return http.authorizeHttpRequests(requests -> requests
                        // An answer that takes long is dispatched once more at its end.
                        .dispatcherTypeMatchers(DispatcherType.ASYNC)
                        .permitAll()
                        .requestMatchers("/api/session", "/api/openapi.json", "/api/invitations/*")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/health", "/actuator/health/*")
                        .permitAll()
                        .requestMatchers(request -> isForMachines(environment, request))
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa()
                        .csrfTokenRepository(tokens)
                        // A page of another site cannot make a browser show a machine's token.
                        .ignoringRequestMatchers(Callers::showsToken))
                .securityContext(context -> context.securityContextRepository(callers))
                // Sessions are ours, kept in the database: see Callers.
                .sessionManagement(session -> session.disable())
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .exceptionHandling(handling ->
                        handling.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(permissions ->
                                permissions.policy("camera=(), microphone=(), geolocation=(), payment=()"))
                        .frameOptions(frame -> frame.deny()))
                .build();
    }

    /// Requests are counted and timed as a whole; each filter by itself is a fifth of what a short answer costs.
    @Bean
    SecurityObservationSettings noFilterByItself() {
        return SecurityObservationSettings.noObservations();
    }

    /// What came in on the port of health and metrics, where that is one of its own.
    private static boolean isForMachines(Environment environment, HttpServletRequest request) {
        return !environment.getProperty("management.server.port", "").isEmpty()
                && request.getLocalPort() == environment.getProperty("local.management.port", Integer.class, -1);
    }

    @Bean
    AuthenticationManager authenticationManager(UserDetailsService accounts, PasswordEncoder encoder) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accounts);
        provider.setPasswordEncoder(encoder);
        return new ProviderManager(provider);
    }
}
