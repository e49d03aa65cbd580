package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.raster.Picture;

/** What may go wrong with a text: it runs out of its box, over the subject, or can't be read. */
final class TextCheck {
  /** WCAG 2.2, success criterion 1.4.3. */
  private static final double LEAST_CONTRAST = 4.5;

  /** So much of the text may lie on the subject before it counts. */
  private static final double LEAST_OVER = 0.02;

  /** The worst tenth of a text decides whether it can be read. */
  private static final double WORST = 0.1;

  private static final float COVERED = 0.5f;

  /** A plate that covers so much hides what is under it on purpose, percent. */
  private static final double HIDING_PLATE = 60;

  /** The lowest part of a subject, as a share of its height. */
  private static final double LOWEST = 0.35;

  private final LetterSetter letters;
  private final Labels labels;
  private final Frame frame;
  private final double bandFrom;

  /**
   * @param standing of the subject
   * @param cutBelow true = its photograph cuts it off at the bottom, as a portrait's does
   */
  TextCheck(LetterSetter letters, Labels labels, Frame frame, Standing standing, boolean cutBelow) {
    this.letters = letters;
    this.labels = labels;
    this.frame = frame;
    this.bandFrom =
        cutBelow ? standing.foot() - LOWEST * standing.height() : Double.POSITIVE_INFINITY;
  }

  /**
   * @param part with a text
   * @param mask of the subject over the frame
   * @param whole the frame with everything but texts, small
   */
  List<LookNote> find(Part part, SubjectMask mask, Picture whole) {
    Lettering style = (Lettering) part.setting();
    List<LookNote> notes = new ArrayList<>();
    List<String> missing = labels.missing(style.words());
    if (!missing.isEmpty()) {
      notes.add(
          note(
              LookNote.Kind.TEXT_MISSING,
              part,
              "It has no " + String.join(" and no ", missing) + " to be written"));
    }
    SetText text = Dresser.set(letters, style, labels, frame);
    if (!text.strange().isEmpty()) {
      notes.add(
          note(
              LookNote.Kind.LETTERS,
              part,
              "No family has the letters “" + text.strange() + "”; they are left out"));
    } else if (!text.steppedIn().isEmpty()) {
      notes.add(
          note(
              LookNote.Kind.LETTERS,
              part,
              "Another family lends the letters “" + text.steppedIn() + "”"));
    }
    if (!text.fits()) {
      notes.add(
          note(
              LookNote.Kind.TEXT_TOO_LONG,
              part,
              "Its text runs out of the box even at the least size"));
    }
    if (!text.isEmpty()) {
      check(part, style, text, mask, whole, notes);
    }
    return notes;
  }

  private void check(
      Part part,
      Lettering style,
      SetText text,
      SubjectMask mask,
      Picture whole,
      List<LookNote> notes) {
    double left = style.box().x() / 100 * frame.width() + text.x();
    double top = style.box().y() / 100 * frame.height() + text.y();
    double[] contrasts = new double[text.coverage().length];
    int letters = 0;
    int over = 0;
    double own = luminance(style.colour().rgb());
    for (int y = 0; y < text.height(); y++) {
      for (int x = 0; x < text.width(); x++) {
        double fx = (left + x + 0.5) / frame.width();
        double fy = (top + y + 0.5) / frame.height();
        if ((text.coverage()[y * text.width() + x] & 0xFF) < 128
            || !(fx >= 0 && fx < 1 && fy >= 0 && fy < 1)) {
          continue;
        }
        int behind = whole.at((int) (fx * whole.width()), (int) (fy * whole.height()));
        contrasts[letters++] = contrast(own, onPlate(behind, style.plate()));
        int cell =
            (int) (fy * mask.coverage().height()) * mask.coverage().width()
                + (int) (fx * mask.coverage().width());
        over += mask.coverage().values()[cell] >= COVERED ? 1 : 0;
      }
    }
    if (letters == 0) {
      return;
    }
    if (over > LEAST_OVER * letters && !isBand(style.plate(), top)) {
      notes.add(
          note(
              LookNote.Kind.TEXT_OVER_SUBJECT,
              part,
              String.format(
                  Locale.ROOT,
                  "“%s” lies %d %% over the subject",
                  part.name(),
                  100 * over / letters)));
    }
    double[] sorted = Arrays.copyOf(contrasts, letters);
    Arrays.sort(sorted);
    double worst = sorted[(int) (WORST * letters)];
    if (worst < LEAST_CONTRAST) {
      notes.add(
          note(
              LookNote.Kind.CONTRAST,
              part,
              String.format(
                  Locale.ROOT,
                  "“%s” has a contrast of %.1f to what is behind it; 4.5 can be read",
                  part.name(),
                  worst)));
    }
  }

  /** A name on a plate over the chest of a portrait is where names stand. */
  private boolean isBand(Lettering.Plate plate, double top) {
    return plate != null && plate.opacity() >= HIDING_PLATE && top >= bandFrom;
  }

  private static LookNote note(LookNote.Kind kind, Part part, String sentence) {
    return new LookNote(kind, part.id(), sentence);
  }

  /** Luminance of what is behind; what is see-through counts as white. */
  private static double onPlate(int argb, Lettering.Plate plate) {
    double alpha = (argb >>> 24) / 255.0;
    double behind = alpha * luminance(argb) + (1 - alpha);
    if (plate == null) {
      return behind;
    }
    double share = plate.opacity() / 100;
    return share * luminance(plate.colour().rgb()) + (1 - share) * behind;
  }

  private static double luminance(int rgb) {
    return 0.2126 * Srgb.toLinear(rgb >> 16 & 0xFF)
        + 0.7152 * Srgb.toLinear(rgb >> 8 & 0xFF)
        + 0.0722 * Srgb.toLinear(rgb & 0xFF);
  }

  private static double contrast(double a, double b) {
    return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  }
}
