package org.ablebatch.server.guiding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.guiding.GuidanceData.BoxData;
import org.ablebatch.server.guiding.GuidanceData.HintData;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Guidance on the wire, in the database, and in the engine's words. */
class GuidanceDataTest {
  private static final Rect PICTURE = new Rect(0, 0, 60, 40);
  private final GuidanceJson json = new GuidanceJson(new JsonMapper());

  @Test
  void everythingReachesTheEngine() {
    GuidanceData data =
        new GuidanceData(
            List.of(new BoxData(2, 3, 20, 10)),
            List.of(new HintData("mixed", 4, List.of(1.0, 2.0, 5.0, 6.0))),
            List.of(3),
            List.of(1));

    CutRequest request = data.addTo(CutRequest.of(new Picture(60, 40, new int[2400]), Method.BUSY));

    assertThat(request.boxes()).containsExactly(new Rect(2, 3, 20, 10));
    assertThat(request.hints().get(0).kind()).isEqualTo(Hint.Kind.MIXED);
    assertThat(request.hints().get(0).points()).hasSize(2);
    assertThat(request.choice().included()).containsExactly(3);
    assertThat(request.choice().excluded()).containsExactly(1);
    assertThat(json.guidance(json.write(data))).isEqualTo(data);
  }

  @Test
  void nothingSaidIsKeptAsNothing() {
    GuidanceData silent = new GuidanceData(null, null, null, null);
    assertThat(silent.isNone()).isTrue();
    assertThat(json.write(silent)).isNull();
    assertThat(json.guidance(null)).isEqualTo(GuidanceData.NONE);
    assertThat(json.subjects(null)).isEmpty();
  }

  @Test
  void nonsenseIsNamed() {
    assertThatCode(() -> boxes(new BoxData(59, 39, 50, 50)).check(PICTURE))
        .as("a box may hang over the edge")
        .doesNotThrowAnyException();
    assertThatThrownBy(() -> boxes(new BoxData(0, 0, 0, 9)).check(PICTURE))
        .hasMessage("A box lies outside the picture, which is 60 × 40 px");
    assertThatThrownBy(() -> hint("sky", List.of(1.0, 1.0)).check(PICTURE))
        .hasMessage("guidance.hints.kind: one of subject, backdrop, mixed, not “sky”");
    assertThatThrownBy(() -> hint("subject", List.of(1.0)).check(PICTURE))
        .hasMessage("guidance.hints.points: pairs of x and y, not “[1.0]”");
    BoxData box = new BoxData(0, 0, 9, 9);
    assertThatThrownBy(
            () -> new GuidanceData(Collections.nCopies(51, box), null, null, null).check(PICTURE))
        .hasMessage("A picture takes at most 50 boxes");
  }

  private static GuidanceData boxes(BoxData... boxes) {
    return new GuidanceData(List.of(boxes), null, null, null);
  }

  private static GuidanceData hint(String kind, List<Double> points) {
    return new GuidanceData(null, List.of(new HintData(kind, 5, points)), null, null);
  }
}
