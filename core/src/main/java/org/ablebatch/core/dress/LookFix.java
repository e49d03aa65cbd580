package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ablebatch.core.look.Box;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mark;
import org.ablebatch.core.look.OwnShadow;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.Setting;
import org.ablebatch.core.look.SubjectPlace;

/**
 * Mends for one picture what a look does to it: the part that does it, changed as little as helps.
 * Every proposal was tried on the picture and leaves nothing of its kind.
 */
public final class LookFix {
  /** Distance to the frame of a text that is moved, percent. */
  private static final double EDGE = 4;

  private static final Colour INK = new Colour(0x1B2333);
  private static final Lettering.Plate PLATE = new Lettering.Plate(INK, 1.4, 1, 88);
  private static final double SMALLEST_TEXT = 1.2;
  private static final double SMALLEST_BOX = 4;
  private static final double A_LITTLE_LESS = 0.999;

  private final LookCheck check;

  public LookFix(Supplies supplies) {
    this.check = new LookCheck(supplies);
  }

  /** Kinds for which something can be proposed. */
  public static boolean mends(LookNote.Kind kind) {
    return switch (kind) {
      case TEXT_OVER_SUBJECT,
          TEXT_TOO_LONG,
          TEXT_MISSING,
          CONTRAST,
          CUT_EDGE,
          ENLARGED,
          NO_OWN_SHADOW ->
          true;
      case LETTERS, NO_SIZE, SAME_COLOUR, MISSING_PICTURE -> false;
    };
  }

  /**
   * @param look with the picture's own changes
   * @param reduced as in {@link LookCheck#find}
   * @return the part as it should be on this picture; empty when nothing helps
   */
  public Optional<Part> of(
      LookNote note, Dressable dressable, Look look, Frame frame, double reduced) {
    Part part =
        look.parts().stream().filter(p -> p.id().equals(note.partId())).findFirst().orElse(null);
    if (part == null) {
      return Optional.empty();
    }
    return part.setting() instanceof Lettering
        ? text(note, part, dressable, look, frame)
        : other(note, part, dressable, look, frame, reduced);
  }

  /** What is behind a text does not change with it: it is looked at once for all proposals. */
  private Optional<Part> text(
      LookNote note, Part part, Dressable dressable, Look look, Frame frame) {
    LookCheck.Seen seen = check.see(dressable, look, frame);
    int before = seen.text(part).size();
    Lettering was = (Lettering) part.setting();
    List<Box> taken =
        look.parts().stream()
            .filter(other -> other.on() && !other.id().equals(part.id()))
            .flatMap(other -> boxOf(other.setting()).stream())
            .filter(box -> !meet(box, was.box()))
            .toList();
    return proposals(note.kind(), part, was)
        .filter(
            proposal ->
                taken.stream().noneMatch(box -> meet(box, ((Lettering) proposal.setting()).box())))
        .filter(
            proposal -> {
              List<LookNote> left = proposal.on() ? seen.text(proposal) : List.of();
              return left.size() < before && left.stream().noneMatch(n -> isSame(n, note));
            })
        .findFirst();
  }

  /** What a text may not be moved onto. */
  private static Optional<Box> boxOf(Setting setting) {
    if (setting instanceof Lettering text) {
      return Optional.of(text.box());
    }
    return setting instanceof Mark mark ? Optional.of(mark.box()) : Optional.empty();
  }

  private static boolean meet(Box a, Box b) {
    return a.x() < b.x() + b.width()
        && b.x() < a.x() + a.width()
        && a.y() < b.y() + b.height()
        && b.y() < a.y() + a.height();
  }

  private Optional<Part> other(
      LookNote note, Part part, Dressable dressable, Look look, Frame frame, double reduced) {
    int before = check.find(dressable, look, frame, reduced).size();
    return proposals(note.kind(), part, dressable, look, frame, reduced)
        .filter(
            proposal -> {
              List<LookNote> left =
                  check.find(dressable, look.changedBy(List.of(proposal)), frame, reduced);
              return left.size() < before && left.stream().noneMatch(n -> isSame(n, note));
            })
        .findFirst();
  }

  private static boolean isSame(LookNote a, LookNote b) {
    return a.kind() == b.kind() && java.util.Objects.equals(a.partId(), b.partId());
  }

  private static Stream<Part> proposals(LookNote.Kind kind, Part part, Lettering text) {
    return switch (kind) {
      case TEXT_MISSING -> Stream.of(part.switched(false));
      case TEXT_OVER_SUBJECT -> moved(text).map(part::with);
      case CONTRAST -> readable(text).map(part::with);
      case TEXT_TOO_LONG -> roomier(text).map(part::with);
      default -> Stream.empty();
    };
  }

  private static Stream<Part> proposals(
      LookNote.Kind kind, Part part, Dressable dressable, Look look, Frame frame, double reduced) {
    Setting setting = part.setting();
    if (setting instanceof OwnShadow own && kind == LookNote.Kind.NO_OWN_SHADOW) {
      // A made one that stands in already is as good as it gets.
      return own.elseMade() ? Stream.empty() : Stream.of(part.switched(false));
    }
    if (setting instanceof SubjectPlace place) {
      if (kind == LookNote.Kind.CUT_EDGE) {
        return Stream.of(part.with(place.keptAtCutSides()));
      }
      if (kind == LookNote.Kind.ENLARGED) {
        return Stream.of(part.with(smaller(place, dressable, look, frame, reduced)));
      }
    }
    return Stream.empty();
  }

  /** To the edges and corners, the nearest first. */
  private static Stream<Lettering> moved(Lettering text) {
    Box box = text.box();
    double right = Math.max(0, 100 - EDGE - box.width());
    double bottom = Math.max(0, 100 - EDGE - box.height());
    List<Box> places = new ArrayList<>();
    for (double y : new double[] {box.y(), EDGE, bottom}) {
      for (double x : new double[] {box.x(), EDGE, right}) {
        places.add(new Box(x, y, box.width(), box.height()));
      }
    }
    // Half as wide beside a subject that leaves no more room.
    for (double y : new double[] {box.y(), EDGE, bottom}) {
      double half = Math.max(SMALLEST_BOX, box.width() / 2);
      places.add(new Box(EDGE, y, half, box.height()));
      places.add(new Box(100 - EDGE - half, y, half, box.height()));
    }
    return places.stream()
        .sorted(
            java.util.Comparator.comparingDouble(b -> Math.hypot(b.x() - box.x(), b.y() - box.y())))
        .flatMap(
            place -> Stream.of(text.withBox(place), text.withBox(place).withAcross(side(place))));
  }

  private static Lettering.Across side(Box place) {
    return place.x() + place.width() / 2 > 50 ? Lettering.Across.RIGHT : Lettering.Across.LEFT;
  }

  private static Stream<Lettering> readable(Lettering text) {
    return Stream.of(
        text.withColour(INK),
        text.withColour(Colour.WHITE),
        text.withColour(Colour.BLACK),
        text.withColour(Colour.WHITE).withPlate(PLATE));
  }

  private static Stream<Lettering> roomier(Lettering text) {
    Box box = text.box();
    Box wide = new Box(EDGE, box.y(), 100 - 2 * EDGE, box.height());
    double twice = Math.min(100 - box.y(), 2 * box.height());
    return Stream.of(
        text.withBox(wide),
        text.withLeast(Math.max(SMALLEST_TEXT, 0.7 * text.least())),
        text.withBox(new Box(box.x(), box.y(), box.width(), twice)),
        text.withBox(new Box(EDGE, box.y(), 100 - 2 * EDGE, twice))
            .withLeast(Math.max(SMALLEST_TEXT, 0.5 * text.least())));
  }

  private static SubjectPlace smaller(
      SubjectPlace place, Dressable dressable, Look look, Frame frame, double reduced) {
    Standing standing = Dresser.standing(dressable, look, frame);
    double enlarged = standing.placement().scale() * reduced;
    double high = standing.height() * A_LITTLE_LESS * LookCheck.ENLARGED_FROM / enlarged;
    return place.sized(
        SubjectPlace.Size.HEIGHT, Math.max(1, Math.min(400, 100 * high / frame.height())));
  }
}
