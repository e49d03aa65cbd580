package org.ablebatch.server.editing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.mend.AreaEdit;
import org.ablebatch.core.mend.BrushEdit;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.LimitedEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.PickEdit;
import org.ablebatch.core.mend.SettleEdit;
import org.ablebatch.core.mend.StrandEdit;
import org.ablebatch.core.mend.SubjectEdit;
import org.ablebatch.core.mend.TakeEdit;
import org.ablebatch.core.mend.TraceEdit;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.server.editing.EditData.AreaData;
import org.ablebatch.server.editing.EditData.EdgeData;
import org.ablebatch.server.editing.EditData.PartData;
import org.ablebatch.server.editing.EditData.SampleData;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Choice;

/** From what came over the wire to core's edits; what is wrong with it is said in a sentence. */
public final class EditReading {
  private static final String BRUSH = "brush";

  /** Settings of an outline: the one kind that goes to other pictures of a group. */
  public static final String EDGE = "edge";

  /** A stroke that says what lies under it. */
  public static final String HINT = "hint";

  /** Says of an area which side it is on. */
  static final String SETTLE = "settle";

  private EditReading() {}

  /**
   * @throws BadInput naming the field, parts of {@code edit}, with a sentence for a person
   */
  public static Edit edit(EditData data) {
    try {
      Edit edit = alone(data);
      return data.within() == null ? edit : new LimitedEdit(area(data.within()), edit);
    } catch (BadInput e) {
      throw e;
    } catch (IllegalArgumentException e) {
      throw new BadInput("edit", e.getMessage());
    }
  }

  public static String kind(EditData data) {
    return data.kind() == null ? BRUSH : data.kind();
  }

  private static Edit alone(EditData data) {
    return switch (kind(data)) {
      case BRUSH ->
          new BrushEdit(mode(data.mode()), Boolean.TRUE.equals(data.edgeAware()), stroke(data));
      case "strand" -> new StrandEdit(stroke(data));
      case "pick" -> pick(data);
      case "area" -> new AreaEdit(mode(data.mode()), area(data.area()));
      case SETTLE -> new SettleEdit(mode(data.mode()), area(data.area()));
      case HINT -> hintEdit(data);
      case "trace" ->
          new TraceEdit(
              way(data.points()),
              number(data.fromPx(), "fromPx"),
              number(data.toPx(), "toPx"),
              orElse(data.softness(), 0),
              orElse(data.strength(), 1),
              rgb(data.colour()));
      case EDGE -> edge(data.edge());
      case "take" ->
          new TakeEdit(
              required(data.versionId(), "versionId", "the number of a version"),
              area(data.area()));
      case "subject" -> new SubjectEdit(mode(data.mode()), box(data.box()));
      default ->
          throw BadInput.expected(
              "edit.kind",
              "one of brush, strand, pick, area, settle, hint, trace, edge, take, subject",
              data.kind());
    };
  }

  private static Stroke stroke(EditData data) {
    return new Stroke(
        number(data.sizePx(), "sizePx"),
        orElse(data.softness(), 0),
        orElse(data.strength(), 1),
        way(data.points()));
  }

  private static PickEdit pick(EditData data) {
    List<PickEdit.Sample> samples = new ArrayList<>();
    for (SampleData sample : required(data.samples(), "samples", "a list of picked colours")) {
      samples.add(
          new PickEdit.Sample(
              number(sample.x(), "x"),
              number(sample.y(), "y"),
              number(sample.tolerance(), "tolerance"),
              Boolean.TRUE.equals(sample.subtract())));
    }
    return new PickEdit(
        mode(data.mode()),
        samples,
        Boolean.TRUE.equals(data.everywhere()),
        Boolean.TRUE.equals(data.inverted()));
  }

  private static EdgeEdit edge(EdgeData data) {
    EdgeData edge = required(data, "edge", "an object with the outline’s settings");
    return new EdgeEdit(
        orElse(edge.fitPx(), 0),
        orElse(edge.hazeBelow(), 0),
        orElse(edge.closePx(), 0),
        orElse(edge.openPx(), 0),
        orElse(edge.smoothPx(), 0),
        orElse(edge.growPx(), 0),
        orElse(edge.firmness(), 0),
        orElse(edge.featherPx(), 0),
        Boolean.TRUE.equals(edge.hard()),
        orElse(edge.clean(), 0));
  }

  private static Area area(AreaData data) {
    List<Area.Part> parts = new ArrayList<>();
    for (PartData part : parts(data)) {
      parts.add(
          new Area.Part(
              Choice.of("edit.area.parts.joining", Area.Joining.class, part.joining()),
              new Shape(
                  Choice.of("edit.area.parts.shape", Shape.Kind.class, part.shape()),
                  way(part.points()))));
    }
    return new Area(parts, Boolean.TRUE.equals(data.inverted()), orElse(data.featherPx(), 0));
  }

  private static List<PartData> parts(AreaData area) {
    String expected = "an object with parts";
    return required(required(area, "area", expected).parts(), "area", expected);
  }

  private static Rect box(List<Integer> box) {
    if (box == null || box.size() != 4 || box.contains(null)) {
      throw BadInput.expected("edit.box", "x, y, width and height", box);
    }
    return new Rect(box.get(0), box.get(1), box.get(2), box.get(3));
  }

  static List<StrokePoint> way(List<Double> points) {
    if (points == null || points.size() < 2 || points.size() % 2 != 0 || points.contains(null)) {
      throw BadInput.expected("edit.points", "pairs of x and y", points);
    }
    List<StrokePoint> way = new ArrayList<>();
    for (int i = 0; i < points.size(); i += 2) {
      way.add(new StrokePoint(points.get(i), points.get(i + 1)));
    }
    return way;
  }

  private static Mode mode(String name) {
    return Choice.of("edit.mode", Mode.class, name);
  }

  /**
   * @param data of kind hint
   */
  public static Hint hint(EditData data) {
    return new Hint(hint(data.mode()), number(data.sizePx(), "sizePx"), way(data.points()));
  }

  /**
   * The frame that a hint is about; empty = about what it lies on.
   *
   * @param data of kind hint
   */
  public static Optional<Area> frame(EditData data) {
    return Optional.ofNullable(data.box())
        .map(EditReading::box)
        .map(
            box ->
                new Shape(
                    Shape.Kind.BOX,
                    List.of(
                        new StrokePoint(box.x(), box.y()),
                        new StrokePoint(box.right(), box.bottom()))))
        .map(shape -> new Area(List.of(new Area.Part(Area.Joining.ADD, shape)), false, 0));
  }

  /**
   * @param data of kind hint
   */
  public static HintEdit hintEdit(EditData data) {
    return new HintEdit(
        hint(data),
        Boolean.TRUE.equals(data.wide())
            ? Optional.ofNullable(data.area()).map(EditReading::area)
            : Optional.empty());
  }

  private static Hint.Kind hint(String name) {
    return Choice.of("edit.mode", Hint.Kind.class, name);
  }

  private static Integer rgb(String colour) {
    if (colour == null) {
      return null;
    }
    if (!colour.matches("#[0-9A-Fa-f]{6}")) {
      throw BadInput.expected("edit.colour", "a colour such as #3C78C8", colour);
    }
    return Integer.parseInt(colour.substring(1), 16);
  }

  private static double number(Double value, String name) {
    return required(value, name, "a number");
  }

  private static double orElse(Double value, double otherwise) {
    return value == null ? otherwise : value;
  }

  private static <T> T required(T value, String name, String expected) {
    if (value == null) {
      throw BadInput.expected("edit." + name, expected, null);
    }
    return value;
  }
}
