package app.gradior.web.frame;

import app.gradior.kitchen.Kitchens;
import app.gradior.kitchen.Tokens;
import app.gradior.web.api.TokenFilter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.HttpSessionCsrfTokenRepository;
import tools.jackson.databind.json.JsonMapper;

/** Who may see what: pages by session, the API and calendars by token. */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; style-src 'self';"
            + " script-src 'self'; object-src 'none'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    UserDetailsService users(Kitchens kitchens) {
        return login -> kitchens.account(login)
                .map(row -> new KitchenUser(row.kitchenId(), row.login(), row.passwordHash()))
                .orElseThrow(() -> new UsernameNotFoundException(login));
    }

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, Tokens tokens, JsonMapper json) throws Exception {
        return http.securityMatcher("/api/**")
                .csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .addFilterBefore(new TokenFilter(tokens, json), UsernamePasswordAuthenticationFilter.class)
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .build();
    }

    /** Calendar programs: the token is in the address. */
    @Bean
    @Order(2)
    SecurityFilterChain feeds(HttpSecurity http) throws Exception {
        return http.securityMatcher("/feed/**")
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .build();
    }

    @Bean
    @Order(3)
    SecurityFilterChain pages(HttpSecurity http, SecurityContextRepository contexts) throws Exception {
        CsrfTokenRepository csrfTokens = new HttpSessionCsrfTokenRepository();
        return http.csrf(csrf -> csrf.csrfTokenRepository(csrfTokens))
                .securityContext(context -> context.securityContextRepository(contexts))
                .authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/login",
                                "/setup",
                                "/demo",
                                "/error",
                                "/css/**",
                                "/js/**",
                                "/fonts/**",
                                "/webjars/**",
                                "/icon.svg",
                                "/favicon.ico")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/login").defaultSuccessUrl("/", false))
                .logout(logout -> logout.logoutSuccessUrl("/login"))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
                .build();
    }
}
