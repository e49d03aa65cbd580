package org.ablebatch.server.touchup;

/** An edit was made over a cutout that is not the picture's any more. */
final class CutMeanwhile extends RuntimeException {
  private static final long serialVersionUID = 1L;

  CutMeanwhile(String fileName) {
    super(
        "“%s” was cut again meanwhile. Nothing is lost: choose which cutout to go on from."
            .formatted(fileName));
  }
}
