package org.ablebatch.core.area;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.Scenes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

class LiveWireTest {
  private static final int SIDE = 240;
  private static final double CX = 120;
  private static final double CY = 120;
  private static final double RADIUS = 70;

  private static final Picture DISC =
      Scenes.compose(
          SIDE,
          SIDE,
          Scenes.coverage(SIDE, SIDE, Scenes.disc(CX, CY, RADIUS)),
          0x9C3020,
          0xC9C5BD,
          Scenes.fallingLight(),
          2);

  @Test
  void theLineStaysOnTheDiscsEdge() {
    List<StrokePoint> line = LiveWire.between(DISC, onEdge(200), onEdge(290));

    assertThat(line).hasSizeGreaterThan(40);
    for (StrokePoint p : line) {
      assertThat(Math.abs(Math.hypot(p.x() - CX, p.y() - CY) - RADIUS)).isLessThan(3);
    }
  }

  @Test
  void itBeginsAndEndsWhereItIsAsked() {
    StrokePoint from = onEdge(30);
    StrokePoint to = onEdge(75);
    List<StrokePoint> line = LiveWire.between(DISC, from, to);

    assertThat(line.get(0)).isEqualTo(from);
    assertThat(line.get(line.size() - 1)).isEqualTo(to);
  }

  @Test
  void neighboursOnTheLineAreNeighboursInThePicture() {
    List<StrokePoint> line = LiveWire.between(DISC, onEdge(100), onEdge(170));

    for (int k = 1; k < line.size(); k++) {
      StrokePoint a = line.get(k - 1);
      StrokePoint b = line.get(k);
      assertThat(Math.hypot(a.x() - b.x(), a.y() - b.y())).isLessThan(2.5);
    }
  }

  @Test
  void theSamePlacesGiveTheSameLine() {
    assertThat(LiveWire.between(DISC, onEdge(10), onEdge(60)))
        .isEqualTo(LiveWire.between(DISC, onEdge(10), onEdge(60)));
  }

  @Test
  void placesOutsideAndPlacesThatAreTheSameAreNoTrouble() {
    StrokePoint corner = new StrokePoint(-40, -40);

    assertThat(LiveWire.between(DISC, corner, corner)).hasSize(2);
    assertThat(LiveWire.between(DISC, corner, new StrokePoint(900, 900)))
        .allSatisfy(
            p -> {
              assertThat(p.x()).isBetween(0.0, (double) SIDE);
              assertThat(p.y()).isBetween(0.0, (double) SIDE);
            });
  }

  private static StrokePoint onEdge(double degrees) {
    double angle = Math.toRadians(degrees);
    return new StrokePoint(CX + RADIUS * Math.cos(angle), CY + RADIUS * Math.sin(angle));
  }
}
