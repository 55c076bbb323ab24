package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.OurHosts;
import dev.steelyard.web.book.Books;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.DefaultSecurityFilterChain;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.util.matcher.RequestHeaderRequestMatcher;

/** Owner's pages need sign-in; the counter, assets and the health check do not. */
@Configuration(proxyBeanMethods = false)
class SecuritySetting {

    /** No inline script or style anywhere, nothing from elsewhere. Bootstrap's own drawings are data: images. */
    private static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; style-src 'self';"
            + " img-src 'self' data:; font-src 'self'; connect-src 'self'; form-action 'self';"
            + " base-uri 'none'; frame-ancestors 'none'";

    private static final String ARGON2 = "argon2@SpringSecurity_v5_8";
    private static final String BCRYPT = "bcrypt";

    /**
     * Calls of the owner's own store: each brings its key, so there is no session to look for, no cookie that could be
     * borrowed and no form to forge; the rooms of {@code store} look at the key. A call is priced in less time than the
     * filters for pages take.
     */
    @Bean
    @Order(1)
    SecurityFilterChain calls() {
        return new DefaultSecurityFilterChain(
                request -> {
                    String path = request.getRequestURI();
                    return path.startsWith("/api/v1/") && !path.equals("/api/v1/trials")
                            || path.startsWith("/.well-known/")
                            || path.startsWith("/panel/");
                },
                List.of());
    }

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            SignInLimit limit,
            SignIns signIns,
            Sessions sessions,
            SecondFactor factor,
            Books books,
            MissingRight.Handler refused)
            throws Exception {
        http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/**",
                                "/payments/callback",
                                "/stand-in/payments/**",
                                "/sign-in",
                                "/begin/**",
                                "/join/**",
                                MissingRight.PATH,
                                "/assets/**",
                                "/webjars/**",
                                HalfSignedIn.CODE_PAGE,
                                "/pictures/*.png",
                                "/pictures/goods/**",
                                "/error",
                                // all but the first are there on a port of this machine only
                                "/actuator/health",
                                "/actuator/health/*",
                                "/actuator/prometheus")
                        .permitAll()
                        .requestMatchers("/counter/**")
                        .access(new OpenCounter(books))
                        .anyRequest()
                        .access(new HoldingRights()))
                .formLogin(form -> form.loginPage("/sign-in").successHandler(new HalfSignedIn(factor)))
                .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                // a page that asks in the background is told plainly; only whole pages are sent to sign in
                .exceptionHandling(failed -> failed.accessDeniedHandler(refused)
                        .defaultAuthenticationEntryPointFor(
                                new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED),
                                new RequestHeaderRequestMatcher("HX-Request")))
                // kept in a cookie, the token outlives the session it began in
                // a trial stores nothing and needs no one to be signed in, so there is nothing to forge
                // what payment service and shop tell each other is signed
                .csrf(csrf -> csrf.csrfTokenRepository(csrfTokens())
                        .ignoringRequestMatchers("/api/**", "/payments/callback", "/stand-in/payments/**"))
                .addFilterBefore(new EndedSessions(sessions), AnonymousAuthenticationFilter.class)
                .addFilterBefore(new SlowSignIn(limit, signIns), UsernamePasswordAuthenticationFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN)));
        return http.build();
    }

    /** A request for a host that is none of ours is refused: what a browser was told of it would lead elsewhere. */
    @Bean
    StrictHttpFirewall firewall(OurHosts hosts) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(hosts::has);
        return firewall;
    }

    static CookieCsrfTokenRepository csrfTokens() {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieCustomizer(cookie -> cookie.httpOnly(true).sameSite("Strict"));
        return tokens;
    }

    /** New passwords by Argon2id (RFC 9106); those of shops that began before are read by bcrypt. */
    @Bean
    PasswordEncoder passwords() {
        Map<String, PasswordEncoder> encoders = new HashMap<>();
        encoders.put(ARGON2, Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8());
        encoders.put(BCRYPT, new BCryptPasswordEncoder());
        return new DelegatingPasswordEncoder(ARGON2, encoders);
    }
}
