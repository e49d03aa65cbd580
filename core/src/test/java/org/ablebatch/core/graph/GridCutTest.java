package org.ablebatch.core.graph;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.ablebatch.core.graph.GridCut.Neighbour;
import org.junit.jupiter.api.Test;

class GridCutTest {
  private static final int[][] STEPS = {{1, 0}, {0, 1}, {1, 1}, {-1, 1}};

  @Test
  void noDivisionOfASmallGridIsCheaper() {
    Random random = new Random(11);
    for (int round = 0; round < 200; round++) {
      Grid grid = Grid.random(random, 4, 3);

      int found = grid.cost(grid.solved());

      int cheapest = Integer.MAX_VALUE;
      for (int division = 0; division < 1 << 12; division++) {
        cheapest = Math.min(cheapest, grid.cost(division));
      }
      assertThat(found).as("round %d", round).isEqualTo(cheapest);
    }
  }

  @Test
  void aNodeWithoutAnOpinionFollowsItsStrongestNeighbour() {
    GridCut cut = new GridCut(3, 1);
    cut.node(0, 0, 100, 0);
    cut.node(2, 0, 0, 100);
    cut.edge(0, 0, Neighbour.RIGHT, 9);
    cut.edge(1, 0, Neighbour.RIGHT, 5);
    cut.solve();

    assertThat(cut.isSource(0, 0)).isTrue();
    assertThat(cut.isSource(1, 0)).isTrue();
    assertThat(cut.isSource(2, 0)).isFalse();
  }

  @Test
  void aLargeGridIsSolvedTheSameWayTwice() {
    Grid grid = Grid.random(new Random(5), 60, 40);

    assertThat(grid.sides()).isEqualTo(grid.sides());
  }

  /** Costs kept beside the cut, so that any division can be priced. */
  private record Grid(int width, int height, int[] ifSink, int[] ifSource, int[][] edges) {
    static Grid random(Random random, int width, int height) {
      int n = width * height;
      int[][] edges = new int[4][n];
      for (int[] line : edges) {
        for (int i = 0; i < n; i++) {
          line[i] = random.nextInt(4) == 0 ? 0 : random.nextInt(12);
        }
      }
      return new Grid(
          width, height, random.ints(n, 0, 20).toArray(), random.ints(n, 0, 20).toArray(), edges);
    }

    boolean[] sides() {
      GridCut cut = new GridCut(width, height);
      for (int i = 0; i < ifSink.length; i++) {
        cut.node(i % width, i / width, ifSink[i], ifSource[i]);
        for (int d = 0; d < 4; d++) {
          if (neighbour(i, d) >= 0) {
            cut.edge(i % width, i / width, Neighbour.values()[d], edges[d][i]);
          }
        }
      }
      cut.solve();
      boolean[] out = new boolean[ifSink.length];
      for (int i = 0; i < out.length; i++) {
        out[i] = cut.isSource(i % width, i / width);
      }
      return out;
    }

    int solved() {
      int division = 0;
      boolean[] sides = sides();
      for (int i = 0; i < sides.length; i++) {
        division |= sides[i] ? 1 << i : 0;
      }
      return division;
    }

    int cost(int division) {
      int sum = 0;
      for (int i = 0; i < ifSink.length; i++) {
        boolean source = (division >> i & 1) == 1;
        sum += source ? ifSource[i] : ifSink[i];
        for (int d = 0; d < 4; d++) {
          int j = neighbour(i, d);
          sum += j >= 0 && (division >> j & 1) == 1 != source ? edges[d][i] : 0;
        }
      }
      return sum;
    }

    private int neighbour(int i, int direction) {
      int x = i % width + STEPS[direction][0];
      int y = i / width + STEPS[direction][1];
      return x < 0 || x >= width || y >= height ? -1 : y * width + x;
    }
  }
}
