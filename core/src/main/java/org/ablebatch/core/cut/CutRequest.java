package org.ablebatch.core.cut;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.subject.SubjectChoice;

/**
 * A picture and all that somebody may say about how to cut it out.
 *
 * @param picture full size, upright; unchanged
 * @param method any choosable method
 * @param boxes where the subjects are, in pixels of the picture, each overlapping it; nothing
 *     outside is kept. Empty = anywhere
 * @param hints strokes that mark subject, backdrop or mixed edges; later ones win
 * @param choice numbered subjects to take in or leave out
 * @param emptySet a photograph of the same set without the subject, same size as the picture
 */
public record CutRequest(
    Picture picture,
    Method method,
    List<Rect> boxes,
    List<Hint> hints,
    SubjectChoice choice,
    Optional<Picture> emptySet) {
  public static final int MOST_BOXES = 50;
  public static final int MOST_HINTS = 500;

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public CutRequest {
    boxes = List.copyOf(boxes);
    hints = List.copyOf(hints);
    require(method.isChoosable(), "“" + method.label() + "” can’t be asked for");
    check(picture.bounds(), boxes, hints);
  }

  /**
   * @param picture the size of the picture that boxes and hints are about
   * @throws IllegalArgumentException with a sentence for a person
   */
  public static void check(Rect picture, List<Rect> boxes, List<Hint> hints) {
    require(boxes.size() <= MOST_BOXES, "A picture takes at most " + MOST_BOXES + " boxes");
    require(hints.size() <= MOST_HINTS, "A picture takes at most " + MOST_HINTS + " hints");
    for (Rect box : boxes) {
      require(
          !box.isEmpty() && !box.intersect(picture).isEmpty(),
          "A box lies outside the picture, which is %d × %d px"
              .formatted(picture.width(), picture.height()));
    }
  }

  private static void require(boolean holds, String sentence) {
    if (!holds) {
      throw new IllegalArgumentException(sentence);
    }
  }

  /** Only a picture and a method. */
  public static CutRequest of(Picture picture, Method method) {
    return new CutRequest(
        picture, method, List.of(), List.of(), SubjectChoice.none(), Optional.empty());
  }

  public CutRequest withBoxes(List<Rect> other) {
    return new CutRequest(picture, method, other, hints, choice, emptySet);
  }

  public CutRequest withHints(List<Hint> other) {
    return new CutRequest(picture, method, boxes, other, choice, emptySet);
  }

  public CutRequest withChoice(SubjectChoice other) {
    return new CutRequest(picture, method, boxes, hints, other, emptySet);
  }

  public CutRequest withEmptySet(Optional<Picture> other) {
    return new CutRequest(picture, method, boxes, hints, choice, other);
  }

  /** The part of the request inside {@code frame}, without boxes and without a choice. */
  CutRequest inFrame(Rect frame) {
    return new CutRequest(
        picture.crop(frame),
        method,
        List.of(),
        hints.stream().map(hint -> hint.inFrame(frame.x(), frame.y())).toList(),
        SubjectChoice.none(),
        emptySet.filter(set -> set.bounds().equals(picture.bounds())).map(set -> set.crop(frame)));
  }

  /** Whether no person has said what is the subject; what somebody has decided is not doubted. */
  boolean isDecidedByEngine() {
    return !isGuided() && choice.equals(SubjectChoice.none());
  }

  /** True when a person said anything beyond the method. */
  boolean isGuided() {
    return !boxes.isEmpty() || !hints.isEmpty();
  }
}
