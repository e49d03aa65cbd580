package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The accessibility checker axe-core, from the web's packages, on what a page shows now. */
final class Axe {
  private static final Path SOURCE =
      Path.of("..", "web", "node_modules", "axe-core", "axe.min.js").toAbsolutePath().normalize();

  private static final String RUN =
      """
      async () => {
        const rules = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
        const { violations } = await axe.run(document, { runOnly: rules })
        return violations.flatMap((v) =>
          v.nodes.map((node) => `${v.id}: ${node.target.join(' ')} ${node.html.slice(0, 160)}`))
      }
      """;

  /** A colour that is on its way to another is neither. */
  private static final String WITHOUT_MOTION =
      """
      () => {
        const still = new CSSStyleSheet()
        still.replaceSync(
          '*, *::before, *::after { transition: none !important; animation-duration: 0s !important }')
        document.adoptedStyleSheets = [...document.adoptedStyleSheets, still]
      }
      """;

  private final String source;

  Axe() throws IOException {
    source = Files.readString(SOURCE);
  }

  /**
   * @param what the page shows, for the message
   */
  void findsNothingOn(Page page, String what) {
    page.evaluate(WITHOUT_MOTION);
    page.evaluate(source);
    assertThat((List<?>) page.evaluate(RUN)).as(what).isEmpty();
  }
}
