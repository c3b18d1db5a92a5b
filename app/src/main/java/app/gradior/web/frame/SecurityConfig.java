package app.gradior.web.frame;

import app.gradior.access.Passkeys;
import app.gradior.access.SecondStep;
import app.gradior.access.SignIn;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.house.SentForms;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Words;
import app.gradior.web.guard.PeopleFirst;
import app.gradior.web.guard.PlainAnswer;
import app.gradior.web.guard.Quotas;
import app.gradior.web.guard.TokenFilter;
import app.gradior.web.guard.ToldToWait;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import tools.jackson.databind.json.JsonMapper;

/** Who may see what: pages by session, the API and calendars by token. */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; style-src 'self';"
            + " script-src 'self'; object-src 'none'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";
    /** The pot's page keeps the screen on; nothing else of the device is ever asked for. */
    private static final String DEVICE_POLICY = "screen-wake-lock=(self), camera=(), microphone=(), geolocation=(),"
            + " payment=(), usb=(), serial=(), hid=(), midi=(), display-capture=(), accelerometer=(),"
            + " gyroscope=(), magnetometer=()";

    /** Nobody watches each guard by itself: a measurement around every one of them took a part of each page's time. */
    @Bean
    SecurityObservationSettings unwatched() {
        return SecurityObservationSettings.noObservations();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    CsrfTokenRepository formTokens() {
        return new FormCookies();
    }

    @Bean
    AuthenticationManager authentication(SignIn signIn, SecondStep second, Passkeys passkeys) {
        return new ProviderManager(new PasswordSignIn(signIn, second, passkeys, needsTwo));
    }

    private final boolean inTheHouse;
    private final boolean needsTwo;

    SecurityConfig(GradiorProperties properties) {
        this.inTheHouse = properties.house().open();
        this.needsTwo = properties.needsTwo();
    }

    private void headers(HeadersConfigurer<HttpSecurity> headers) {
        if (inTheHouse) {
            // A browser that is told to insist on https lets nobody past its warning, and so never to the page that
            // ends it.
            headers.httpStrictTransportSecurity(strict -> strict.disable());
        }
        headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                .permissionsPolicyHeader(policy -> policy.policy(DEVICE_POLICY))
                .crossOriginOpenerPolicy(policy -> policy.policy(
                        org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter
                                .CrossOriginOpenerPolicy.SAME_ORIGIN))
                .crossOriginResourcePolicy(policy -> policy.policy(
                        org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter
                                .CrossOriginResourcePolicy.SAME_ORIGIN));
    }

    // Wide: all that lets a call in or holds it back.
    @Bean
    @Order(1)
    SecurityFilterChain api(
            HttpSecurity http,
            Tokens tokens,
            JsonMapper json,
            Quotas quotas,
            ToldToWait told,
            PeopleFirst people,
            GradiorProperties properties)
            throws Exception {
        return http.securityMatcher("/api/**")
                .csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .headers(this::headers)
                .addFilterBefore(
                        new TokenFilter(tokens, json, quotas, told, people, properties.openapi()),
                        UsernamePasswordAuthenticationFilter.class)
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .build();
    }

    /** Calendar programs: the token is in the address. Monitors ask whether all is well. */
    @Bean
    @Order(2)
    SecurityFilterChain feeds(HttpSecurity http) throws Exception {
        return http.securityMatcher("/feed/**", "/health/**")
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .headers(this::headers)
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .build();
    }

    // Wide: the filters in their order.
    @Bean
    @Order(3)
    SecurityFilterChain pages(
            HttpSecurity http,
            SecurityContextRepository contexts,
            CsrfTokenRepository formTokens,
            FreshSession freshSession,
            Entrance entrance,
            SignIn signIn,
            SentForms forms,
            Quotas quotas,
            Clock clock)
            throws Exception {
        return http.csrf(csrf -> csrf.csrfTokenRepository(formTokens))
                .securityContext(context -> context.securityContextRepository(contexts))
                .sessionManagement(session -> session.sessionAuthenticationStrategy(freshSession))
                .requestCache(cache -> cache.requestCache(WantedPage.KEPT))
                .authorizeHttpRequests(requests -> requests.requestMatchers(PageParts.addresses("/**"))
                        .permitAll()
                        .requestMatchers(
                                "/login",
                                "/login/refused",
                                "/login/second",
                                "/login/forgotten",
                                "/login/passkey",
                                "/login/passkey/options",
                                "/setup",
                                "/demo",
                                "/error",
                                "/whoami",
                                "/join/*",
                                "/join/*/new",
                                "/join/*/device",
                                "/trust",
                                "/trust/gradior.crt",
                                "/manifest.webmanifest",
                                "/favicon.ico")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/login")
                        .authenticationDetailsSource(Entrance::from)
                        .successHandler((request, response, who) -> {
                            entrance.cameThroughTheForm(user(who), request, response);
                            response.sendRedirect(WantedPage.of(request, response));
                        })
                        .failureHandler(SecurityConfig::refused))
                .logout(logout -> logout.logoutSuccessUrl("/login").addLogoutHandler((request, response, who) -> {
                    if (who != null && user(who).isDevice()) {
                        entrance.leave(user(who), request, response);
                    }
                    left(signIn, freshSession, request, who);
                }))
                .exceptionHandling(
                        faults -> faults.authenticationEntryPoint(door()).accessDeniedHandler(SecurityConfig::denied))
                .addFilterBefore(new SessionLife(clock), SecurityContextHolderFilter.class)
                .addFilterBefore(new FilesOfCooks(), CsrfFilter.class)
                .addFilterAfter(new StoveFilter(entrance), SecurityContextHolderFilter.class)
                .addFilterAfter(new FormOnceFilter(forms), AuthorizationFilter.class)
                .addFilterAfter(new AccountQuota(quotas), AuthorizationFilter.class)
                .headers(this::headers)
                .build();
    }

    private static KitchenUser user(Authentication who) {
        return (KitchenUser) java.util.Objects.requireNonNull(who.getPrincipal());
    }

    /** The sign-in page again, with what was wrong. */
    private static void refused(HttpServletRequest request, HttpServletResponse response, AuthenticationException fault)
            throws IOException, jakarta.servlet.ServletException {
        if (fault instanceof PasswordSignIn.HalfIn half) {
            Entrance.halfIn(half.ticket(), request, response);
            response.sendRedirect("/login/second");
            return;
        }
        request.setAttribute("refused", fault);
        request.getRequestDispatcher("/login/refused").forward(request, response);
    }

    private static void left(
            SignIn signIn, FreshSession sessions, HttpServletRequest request, @Nullable Authentication who) {
        sessions.end(request);
        if (who != null) {
            signIn.wentOut(who.getName(), request.getRemoteAddr());
        }
    }

    /** Scripts are told that nobody is signed in; people are led to the door. */
    private static AuthenticationEntryPoint door() {
        LoginUrlAuthenticationEntryPoint login = new LoginUrlAuthenticationEntryPoint("/login");
        return (request, response, fault) -> {
            if (PlainAnswer.wantsProblem(request)) {
                PlainAnswer.write(
                        request,
                        response,
                        HttpStatus.UNAUTHORIZED,
                        Words.text("security-config.nobody-is-signed-in"),
                        0);
            } else {
                login.commence(request, response, fault);
            }
        };
    }

    private static void denied(
            HttpServletRequest request,
            HttpServletResponse response,
            org.springframework.security.access.AccessDeniedException fault)
            throws IOException, jakarta.servlet.ServletException {
        if (PlainAnswer.wantsProblem(request)) {
            PlainAnswer.write(
                    request, response, HttpStatus.FORBIDDEN, Words.text("security-config.earlier-sign-in"), 0);
        } else {
            new AccessDeniedHandlerImpl().handle(request, response, fault);
        }
    }
}
