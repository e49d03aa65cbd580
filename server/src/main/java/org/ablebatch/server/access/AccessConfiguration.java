package org.ablebatch.server.access;

import org.ablebatch.server.AbleSettings;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer.FrameOptionsConfig;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** What every request passes before anything else looks at it, and what every answer says. */
@Configuration
class AccessConfiguration {
  /**
   * Scripts only from files of the application. Styles also inline: the component library writes
   * its rules into the page. Pictures also from memory: the stage and the file picker make some.
   */
  static final String CONTENT_SECURITY_POLICY =
      String.join(
          "; ",
          "default-src 'none'",
          "script-src 'self'",
          "style-src 'self' 'unsafe-inline'",
          "img-src 'self' blob: data:",
          "font-src 'self' data:",
          "connect-src 'self'",
          "base-uri 'none'",
          "form-action 'none'",
          "frame-ancestors 'none'");

  @Bean
  SecurityFilterChain whatEveryRequestPasses(HttpSecurity http, Refusal refusal) {
    return http.csrf(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .anonymous(Customizer.withDefaults())
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .headers(AccessConfiguration::headers)
        .addFilterAfter(new OwnPagesOnly(refusal), HeaderWriterFilter.class)
        .build();
  }

  private static void headers(HeadersConfigurer<HttpSecurity> headers) {
    headers
        .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
        .contentTypeOptions(Customizer.withDefaults())
        .frameOptions(FrameOptionsConfig::deny)
        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
        .crossOriginResourcePolicy(policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
        .crossOriginOpenerPolicy(policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
        // Each controller says how long its answer may be kept.
        .cacheControl(HeadersConfigurer.CacheControlConfig::disable)
        .httpStrictTransportSecurity(HeadersConfigurer.HstsConfig::disable);
  }

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainNearby() {
    return tomcat -> tomcat.addEngineValves(new PlainNearby());
  }

  @Bean
  ServedNames servedNames(AbleSettings settings) {
    return new ServedNames(settings.hosts());
  }

  @Bean
  HttpFirewall firewall(ServedNames names) {
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedHostnames(names::contains);
    return firewall;
  }

  @Bean
  RequestRejectedHandler rejected(ServedNames names, Refusal refusal) {
    return (request, response, why) -> {
      String host = request.getServerName();
      if (names.contains(host)) {
        refusal.send(response, HttpStatus.BAD_REQUEST, "This address or a header is malformed.");
      } else {
        refusal.send(
            response,
            HttpStatus.MISDIRECTED_REQUEST,
            "“%s” is not a name that Able Batch serves. Open it as 127.0.0.1 or localhost, or start it with --host %s if that name is yours."
                .formatted(host, host));
      }
    };
  }

  /** Nobody signs in yet; without this a password would be made up and written to the log. */
  @Bean
  UserDetailsService nobody() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }
}
