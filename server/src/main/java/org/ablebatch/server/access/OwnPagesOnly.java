package org.ablebatch.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Nothing is changed for a page of another origin. Browsers say where a request comes from ({@code
 * Origin}, Fetch standard section 3.2; {@code Sec-Fetch-Site}, Fetch Metadata section 2.4) and
 * pages can't forge it; what says neither is no browser.
 */
final class OwnPagesOnly extends OncePerRequestFilter {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

  /** {@code none}: a person typed the address. */
  private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

  private final Refusal refusal;

  OwnPagesOnly(Refusal refusal) {
    this.refusal = refusal;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (READING.contains(request.getMethod()) || isOwn(request)) {
      chain.doFilter(request, response);
      return;
    }
    refusal.send(
        response,
        HttpStatus.FORBIDDEN,
        "This request was sent by a page of another origin, and nothing was changed. Only Able"
            + " Batch’s own pages, and programs that are no browser, may change something.");
  }

  private static boolean isOwn(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    String origin = request.getHeader("Origin");
    return (site == null || OWN_SITES.contains(site))
        && (origin == null || isOwn(origin, request.getHeader("Host")));
  }

  /** The scheme is left out of it: a proxy in front may speak TLS. */
  private static boolean isOwn(String origin, String host) {
    try {
      String authority = URI.create(origin).getRawAuthority();
      return authority != null
          && host != null
          && authority.toLowerCase(Locale.ROOT).equals(host.toLowerCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}
