package org.ablebatch.server.guiding;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.core.subject.SubjectChoice;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Choice;

/**
 * What a person says about one picture, on the wire and in the database. Null lists are empty.
 *
 * @param boxes where the subjects are; empty = anywhere
 * @param hints strokes that mark what lies under them
 * @param include numbers of subjects to take in though the engine leaves them out
 * @param exclude numbers of subjects to leave out
 */
@Schema(name = "Guidance")
public record GuidanceData(
    List<BoxData> boxes, List<HintData> hints, List<Integer> include, List<Integer> exclude) {
  public static final GuidanceData NONE =
      new GuidanceData(List.of(), List.of(), List.of(), List.of());

  public GuidanceData {
    boxes = boxes == null ? List.of() : List.copyOf(boxes);
    hints = hints == null ? List.of() : List.copyOf(hints);
    include = include == null ? List.of() : List.copyOf(include);
    exclude = exclude == null ? List.of() : List.copyOf(exclude);
  }

  /** In pixels of the original. */
  @Schema(name = "Box")
  public record BoxData(int x, int y, int width, int height) {
    public static BoxData of(Rect rect) {
      return new BoxData(rect.x(), rect.y(), rect.width(), rect.height());
    }

    Rect toRect() {
      return new Rect(x, y, width, height);
    }
  }

  /**
   * @param kind subject, backdrop or mixed
   * @param sizePx diameter in pixels of the original
   * @param points x and y in turn, in pixels of the original
   */
  @Schema(name = "Hint")
  public record HintData(String kind, double sizePx, List<Double> points) {
    Hint toHint() {
      if (points == null || points.size() < 2 || points.size() % 2 != 0) {
        throw BadInput.expected("guidance.hints.points", "pairs of x and y", points);
      }
      List<StrokePoint> way = new ArrayList<>();
      for (int i = 0; i < points.size(); i += 2) {
        way.add(new StrokePoint(points.get(i), points.get(i + 1)));
      }
      return new Hint(Choice.of("guidance.hints.kind", Hint.Kind.class, kind), sizePx, way);
    }
  }

  public boolean isNone() {
    return equals(NONE);
  }

  /**
   * @param picture the size of the picture that this is about
   * @throws IllegalArgumentException with a sentence for a person
   */
  public void check(Rect picture) {
    CutRequest.check(
        picture,
        boxes.stream().map(BoxData::toRect).toList(),
        hints.stream().map(HintData::toHint).toList());
  }

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public CutRequest addTo(CutRequest request) {
    return request
        .withBoxes(boxes.stream().map(BoxData::toRect).toList())
        .withHints(hints.stream().map(HintData::toHint).toList())
        .withChoice(new SubjectChoice(Set.copyOf(include), Set.copyOf(exclude)));
  }
}
