package org.ablebatch.e2e;

import com.microsoft.playwright.Page;

/** Hands of a checker. */
final class Checking {
  private static final String SEEN =
      """
      () => {
        // While a dialog is on its way out the keys are still its own.
        const dialog = document.querySelector('.ant-modal-wrap:not([style*="display: none"])')
        const shown = document.querySelector('.queue .row.on')?.dataset.picture
        return dialog === null && shown !== undefined && document.querySelector('.check')?.dataset.ready === shown
      }
      """;

  private Checking() {}

  /** Waits until the selected picture has been on the screen for long enough to be judged. */
  static void see(Page page) {
    page.waitForFunction(SEEN);
  }

  /** Looks at the selected picture, then presses a key. */
  static void judge(Page page, String key) {
    see(page);
    page.keyboard().press(key);
  }
}
