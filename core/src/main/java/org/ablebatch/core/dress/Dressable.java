package org.ablebatch.core.dress;

import java.util.Optional;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * A picture that is ready to be dressed. What is computed of it once is kept with it, so that
 * trying looks on it is quick; several threads may share one.
 */
public final class Dressable {
  private final Picture cutout;
  private final Rect content;
  private final Picture photograph;
  private final Labels labels;
  private Optional<OwnShade> ownShade;
  private ToneStatistics tone;

  /**
   * @param cutout sRGB with transparency, not premultiplied
   * @param content the subject's measured box in it; not empty
   * @param photograph the photograph that it was cut out of, the same size; null where it is not at
   *     hand: nothing can then be taken from it
   * @param labels what is known of it in words
   */
  public Dressable(Picture cutout, Rect content, Picture photograph, Labels labels) {
    if (photograph != null
        && (photograph.width() != cutout.width() || photograph.height() != cutout.height())) {
      throw new IllegalArgumentException(
          "photograph is %d × %d but cutout is %d × %d"
              .formatted(photograph.width(), photograph.height(), cutout.width(), cutout.height()));
    }
    this.cutout = cutout;
    this.content = content;
    this.photograph = photograph;
    this.labels = labels;
  }

  public Dressable(Picture cutout, Rect content) {
    this(cutout, content, null, Labels.NONE);
  }

  public Picture cutout() {
    return cutout;
  }

  public Rect content() {
    return content;
  }

  /** Null where it is not at hand. */
  public Picture photograph() {
    return photograph;
  }

  public Labels labels() {
    return labels;
  }

  public SubjectMeasures measures() {
    return new SubjectMeasures(content, cutout.bounds(), labels);
  }

  /** All of it is content: it was left whole. */
  public boolean isWhole() {
    return content.equals(cutout.bounds());
  }

  /** The photograph's own shadow; empty where there is none to be lifted. */
  public synchronized Optional<OwnShade> ownShade() {
    if (ownShade == null) {
      ownShade =
          photograph == null || isWhole() ? Optional.empty() : OwnShade.of(photograph, cutout);
    }
    return ownShade;
  }

  /** Statistics of the subject's colours. */
  public synchronized ToneStatistics tone() {
    if (tone == null) {
      tone = ToneStatistics.of(cutout);
    }
    return tone;
  }
}
