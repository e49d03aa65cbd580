package org.ablebatch.core.deliver;

import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Placing;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Rect;

/**
 * How a spec puts one picture into its frame.
 *
 * @param look the batch's with the spec's own wishes
 * @param frame the finished picture, without bleed
 * @param enlargement how many times the subject is as large as in its original
 * @param cutOff how much of the subject's width or height falls outside of the frame, 0..1
 */
public record Staging(Look look, Frame frame, Placing placing, double enlargement, double cutOff) {

  /**
   * @param batchLook with what the picture does otherwise
   */
  public static Staging of(Spec spec, SubjectMeasures subject, Look batchLook) {
    return wearing(spec.lookWith(batchLook), spec, subject);
  }

  /**
   * @param look the spec's own
   */
  static Staging wearing(Look look, Spec spec, SubjectMeasures subject) {
    Frame frame = spec.size().finished(subject);
    if (spec.size() instanceof SpecSize.Original) {
      return placed(look, subject, frame, new Placing.AsPhotographed());
    }
    if (spec.size() instanceof SpecSize.Trimmed trimmed) {
      return placed(look, subject, frame, new Placing.Centred(trimmed.scale(subject)));
    }
    if (spec.fit() instanceof Fit.Cover) {
      Staging covering = placed(look, subject, frame, new Placing.Covering());
      return spec.mayEnlarge() || covering.enlargement <= 1
          ? covering
          : placed(look, subject, frame, new Placing.Centred(1));
    }
    Look fitted =
        spec.fit() instanceof Fit.Share share
            ? look.withPlace(filling(share.percent(), look, subject, frame))
            : look;
    double enlargement = subject.enlargement(fitted, frame);
    if (enlargement > 1 && !spec.mayEnlarge()) {
      fitted = fitted.withPlace(asLargeAsItIs(fitted, subject, frame));
      enlargement = 1;
    }
    return new Staging(fitted, frame, Placing.BY_LOOK, enlargement, 0);
  }

  private static Staging placed(Look look, SubjectMeasures subject, Frame frame, Placing placing) {
    Rect c = subject.content();
    Placement p = placing.placement(c, subject.picture(), frame);
    double left = p.scale() * c.x() + p.offsetX();
    double top = p.scale() * c.y() + p.offsetY();
    double width = p.scale() * c.width();
    double height = p.scale() * c.height();
    double cutOff =
        Math.max(
            outside(left, left + width, frame.width()) / width,
            outside(top, top + height, frame.height()) / height);
    return new Staging(look, frame, placing, p.scale(), cutOff);
  }

  /** What is less than half a pixel is nothing. */
  private static double outside(double from, double to, int room) {
    double out = Math.max(0, -from) + Math.max(0, to - room);
    return out < 0.5 ? 0 : out;
  }

  private static SubjectPlace filling(
      double percent, Look look, SubjectMeasures subject, Frame frame) {
    Rect box = subject.arrangedBox(look.subject());
    boolean wide = box.width() / (double) frame.width() >= box.height() / (double) frame.height();
    return look.subject()
        .sized(wide ? SubjectPlace.Size.WIDTH : SubjectPlace.Size.HEIGHT, percent)
        .free();
  }

  /** A subject so small that it can't be said in percent stays as small as can. */
  private static SubjectPlace asLargeAsItIs(Look look, SubjectMeasures subject, Frame frame) {
    Rect box = subject.arrangedBox(look.subject());
    double percent = 100.0 * box.width() / frame.width();
    return look.subject().sized(SubjectPlace.Size.WIDTH, Math.max(1, percent)).free();
  }
}
