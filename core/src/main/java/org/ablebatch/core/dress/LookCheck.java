package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mark;
import org.ablebatch.core.look.OwnShadow;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Picture;

/** Finds what a look hurts on one picture, from a small rendering of what is behind the subject. */
public final class LookCheck {
  /** Large enough that the contour's neighbourhood is seen, small enough for thousands. */
  private static final int LONG_SIDE = 400;

  /** More than this is seen to be soft. */
  static final double ENLARGED_FROM = 1.2;

  /** A side that is nearer than this to the frame's counts as being there, percent. */
  private static final double AT_THE_FRAME = 0.4;

  private final Supplies supplies;
  private final Dresser dresser;

  public LookCheck(Supplies supplies) {
    this.supplies = supplies;
    this.dresser = new Dresser(supplies);
  }

  /**
   * @param dressable may be smaller than the original
   * @param look with the picture's own changes
   * @param frame of the spec that is asked for
   * @param reduced sides of {@code dressable} per side of the original, 0..1
   */
  public List<LookNote> find(Dressable dressable, Look look, Frame frame, double reduced) {
    List<LookNote> notes = new ArrayList<>();
    boolean hasGround = !(look.backdrop() instanceof Fill.Clear);
    boolean hasText = look.all(Lettering.class).findAny().isPresent();
    if (hasGround || hasText) {
      Seen seen = see(dressable, look, frame);
      look.parts().stream()
          .filter(part -> part.on() && part.setting() instanceof Lettering)
          .forEach(part -> notes.addAll(seen.text(part)));
      if (hasGround && !dressable.isWhole()) {
        RimCheck.find(seen.mask(), seen.whole(), idOf(look, Backdrop.class)).ifPresent(notes::add);
      }
    }
    checkPlace(dressable, look, frame, reduced, notes);
    checkSupplies(dressable, look, notes);
    return notes;
  }

  /**
   * A picture under a look without its texts, small.
   *
   * @param mask of the subject over the frame
   */
  record Seen(SubjectMask mask, Picture whole, TextCheck texts) {
    List<LookNote> text(Part part) {
      return texts.find(part, mask, whole);
    }
  }

  Seen see(Dressable dressable, Look look, Frame frame) {
    double small = LONG_SIDE / (double) Math.max(frame.width(), frame.height());
    Frame tiny =
        new Frame(
            (int) Math.max(1, Math.round(frame.width() * small)),
            (int) Math.max(1, Math.round(frame.height() * small)));
    TextCheck texts =
        new TextCheck(
            supplies.letters(),
            dressable.labels(),
            frame,
            Dresser.standing(dressable, look, frame),
            Standing.CutSides.of(dressable.content(), dressable.cutout().bounds()).bottom());
    return new Seen(
        Dresser.mask(dressable, look, tiny),
        dresser.dress(dressable, withoutTexts(look), tiny),
        texts);
  }

  private static Look withoutTexts(Look look) {
    return new Look(
        look.parts().stream().filter(part -> !(part.setting() instanceof Lettering)).toList());
  }

  private static void checkPlace(
      Dressable dressable, Look look, Frame frame, double reduced, List<LookNote> notes) {
    Standing standing = Dresser.standing(dressable, look, frame);
    double enlarged = standing.placement().scale() * reduced;
    String subject = idOf(look, SubjectPlace.class);
    SubjectPlace place = look.subject();
    if (place.size() == SubjectPlace.Size.MILLIMETRES
        && dressable.labels().millimetres(place.column()).isEmpty()) {
      notes.add(
          new LookNote(
              LookNote.Kind.NO_SIZE,
              subject,
              "Its list has no millimetres in “" + place.column() + "”; it is as large as fits"));
    }
    if (enlarged > ENLARGED_FROM) {
      notes.add(
          new LookNote(
              LookNote.Kind.ENLARGED,
              subject,
              String.format(Locale.ROOT, "Enlarged %.1f times; it will look soft", enlarged)));
    }
    if (look.subject().rotate() == 0) {
      String side = side(dressable, look.subject(), standing, frame);
      if (side != null) {
        notes.add(
            new LookNote(
                LookNote.Kind.CUT_EDGE,
                subject,
                "The photograph cuts it off at the " + side + ", away from the frame"));
      }
    }
  }

  /** A side at which the cut is seen; null = none. */
  private static String side(
      Dressable dressable, SubjectPlace place, Standing standing, Frame frame) {
    Standing.CutSides cut = Standing.CutSides.of(dressable.content(), dressable.cutout().bounds());
    double near = frame.px(AT_THE_FRAME);
    if (cut.bottom() && standing.foot() < frame.height() - near) {
      return "bottom";
    }
    if (cut.top() && standing.top() > near) {
      return "top";
    }
    boolean left = place.flip() ? cut.right() : cut.left();
    boolean right = place.flip() ? cut.left() : cut.right();
    if (left && standing.left() > near) {
      return "left";
    }
    return right && standing.right() < frame.width() - near ? "right" : null;
  }

  private void checkSupplies(Dressable dressable, Look look, List<LookNote> notes) {
    for (Part part : look.parts()) {
      if (!part.on()) {
        continue;
      }
      String picture =
          part.setting() instanceof Mark mark
              ? mark.picture()
              : part.setting() instanceof Backdrop b && b.fill() instanceof Fill.Image image
                  ? image.picture()
                  : null;
      if (picture != null && supplies.picture(picture).isEmpty()) {
        notes.add(
            new LookNote(
                LookNote.Kind.MISSING_PICTURE, part.id(), "The picture “" + picture + "” is gone"));
      }
      if (part.setting() instanceof OwnShadow own
          && !dressable.isWhole()
          && dressable.ownShade().isEmpty()) {
        notes.add(
            new LookNote(
                LookNote.Kind.NO_OWN_SHADOW,
                part.id(),
                own.elseMade()
                    ? "Its photograph has no shadow to lift; a made one stands in"
                    : "Its photograph has no shadow to lift"));
      }
    }
  }

  private static String idOf(Look look, Class<?> kind) {
    return look.parts().stream()
        .filter(part -> part.on() && kind.isInstance(part.setting()))
        .map(Part::id)
        .findFirst()
        .orElse(null);
  }
}
