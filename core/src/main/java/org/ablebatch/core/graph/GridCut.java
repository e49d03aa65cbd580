package org.ablebatch.core.graph;

import java.util.Arrays;

/**
 * Minimum cut of a grid whose nodes are joined to their eight neighbours and to two terminals, by
 * augmenting paths from two search trees that are kept between augmentations (Boykov &amp;
 * Kolmogorov, An Experimental Comparison of Min-Cut/Max-Flow Algorithms, PAMI 2004). The grid is
 * padded by one node on every side, so that no step needs a bounds check. Integer capacities keep
 * it exact and deterministic.
 */
public final class GridCut {
  private static final int DIRECTIONS = 8;
  private static final byte FREE = 0;
  private static final byte SOURCE = 1;
  private static final byte SINK = 2;
  private static final byte NO_PARENT = -1;
  private static final byte TERMINAL = 8;
  private static final byte ORPHAN = 9;
  private static final int FAR = Integer.MAX_VALUE;

  private final int stride;
  private final int[] step;
  private final int[] terminal;
  private final int[][] capacity;
  private final byte[] tree;
  private final byte[] parent;
  private final int[] distance;
  private final int[] stamp;
  private final int[] waiting;
  private final boolean[] isWaiting;
  private int waitingFirst;
  private int waitingCount;
  private final int[] orphans;
  private int orphanCount;
  private int time;

  /** Directions come in pairs: {@code d ^ 1} points back. Only the four forward ones are added. */
  public enum Neighbour {
    RIGHT,
    DOWN,
    DOWN_RIGHT,
    DOWN_LEFT
  }

  public GridCut(int width, int height) {
    this.stride = width + 2;
    int n = stride * (height + 2);
    this.step = new int[] {1, -1, stride, -stride, stride + 1, -stride - 1, stride - 1, 1 - stride};
    this.terminal = new int[n];
    this.capacity = new int[DIRECTIONS][n];
    this.tree = new byte[n];
    this.parent = new byte[n];
    this.distance = new int[n];
    this.stamp = new int[n];
    this.waiting = new int[n];
    this.isWaiting = new boolean[n];
    this.orphans = new int[n];
    Arrays.fill(parent, NO_PARENT);
  }

  /**
   * Costs of the two sides for one node.
   *
   * @param ifSink what it costs to put the node on the sink's side, at least 0
   * @param ifSource what it costs to put it on the source's side, at least 0
   */
  public void node(int x, int y, int ifSink, int ifSource) {
    terminal[at(x, y)] = ifSink - ifSource;
  }

  /** The cost of separating a node from one neighbour, at least 0; the neighbour must exist. */
  public void edge(int x, int y, Neighbour neighbour, int cost) {
    int d = 2 * neighbour.ordinal();
    int i = at(x, y);
    capacity[d][i] = cost;
    capacity[d ^ 1][i + step[d]] = cost;
  }

  /** Finds the cut. Call once. */
  public void solve() {
    for (int i = 0; i < terminal.length; i++) {
      if (terminal[i] != 0) {
        tree[i] = terminal[i] > 0 ? SOURCE : SINK;
        parent[i] = TERMINAL;
        distance[i] = 1;
      }
    }
    activateRims();
    int current = -1;
    while (true) {
      if (current < 0 || tree[current] == FREE) {
        current = nextActive();
        if (current < 0) {
          return;
        }
      }
      int meeting = grow(current);
      time++;
      if (meeting < 0) {
        current = -1;
        continue;
      }
      int direction = meeting % DIRECTIONS;
      augment(current, direction);
      adopt();
    }
  }

  /** Nodes amid others of their own tree have nowhere to grow to, and most are. */
  private void activateRims() {
    for (int i = 0; i < tree.length; i++) {
      if (tree[i] != FREE && isRim(i)) {
        activate(i);
      }
    }
  }

  private boolean isRim(int i) {
    for (int d = 0; d < DIRECTIONS; d++) {
      if (tree[i + step[d]] != tree[i]) {
        return true;
      }
    }
    return false;
  }

  /** True when the node ended on the source's side; nodes that no tree reached are the sink's. */
  public boolean isSource(int x, int y) {
    return tree[at(x, y)] == SOURCE;
  }

  private int at(int x, int y) {
    return (y + 1) * stride + x + 1;
  }

  private void activate(int i) {
    if (!isWaiting[i]) {
      isWaiting[i] = true;
      waiting[(waitingFirst + waitingCount) % waiting.length] = i;
      waitingCount++;
    }
  }

  private int nextActive() {
    while (waitingCount > 0) {
      int i = waiting[waitingFirst];
      waitingFirst = (waitingFirst + 1) % waiting.length;
      waitingCount--;
      isWaiting[i] = false;
      if (tree[i] != FREE) {
        return i;
      }
    }
    return -1;
  }

  /** Grows the tree of one active node; returns the direction to the other tree, or -1. */
  private int grow(int i) {
    boolean source = tree[i] == SOURCE;
    for (int d = 0; d < DIRECTIONS; d++) {
      int j = i + step[d];
      int room = source ? capacity[d][i] : capacity[d ^ 1][j];
      if (room <= 0) {
        continue;
      }
      if (tree[j] == FREE) {
        tree[j] = tree[i];
        parent[j] = (byte) (d ^ 1);
        stamp[j] = stamp[i];
        distance[j] = distance[i] + 1;
        activate(j);
      } else if (tree[j] != tree[i]) {
        return d;
      } else if (stamp[j] <= stamp[i] && distance[j] > distance[i]) {
        parent[j] = (byte) (d ^ 1);
        stamp[j] = stamp[i];
        distance[j] = distance[i] + 1;
      }
    }
    return -1;
  }

  /** Pushes the most that fits along the path through {@code i} and its neighbour. */
  private void augment(int i, int direction) {
    int j = i + step[direction];
    boolean forward = tree[i] == SOURCE;
    int from = forward ? i : j;
    int to = forward ? j : i;
    int d = forward ? direction : direction ^ 1;
    int flow = Math.min(capacity[d][from], Math.min(roomTo(from, true), roomTo(to, false)));
    capacity[d][from] -= flow;
    capacity[d ^ 1][to] += flow;
    push(from, flow, true);
    push(to, flow, false);
  }

  private int roomTo(int start, boolean source) {
    int room = FAR;
    int i = start;
    while (parent[i] != TERMINAL) {
      int d = parent[i];
      int up = i + step[d];
      room = Math.min(room, source ? capacity[d ^ 1][up] : capacity[d][i]);
      i = up;
    }
    return Math.min(room, source ? terminal[i] : -terminal[i]);
  }

  private void push(int start, int flow, boolean source) {
    int i = start;
    while (parent[i] != TERMINAL) {
      int d = parent[i];
      int up = i + step[d];
      if (source) {
        capacity[d ^ 1][up] -= flow;
        capacity[d][i] += flow;
        if (capacity[d ^ 1][up] == 0) {
          orphan(i);
        }
      } else {
        capacity[d][i] -= flow;
        capacity[d ^ 1][up] += flow;
        if (capacity[d][i] == 0) {
          orphan(i);
        }
      }
      i = up;
    }
    terminal[i] += source ? -flow : flow;
    if (terminal[i] == 0) {
      orphan(i);
    }
  }

  private void orphan(int i) {
    parent[i] = ORPHAN;
    orphans[orphanCount++] = i;
  }

  private void adopt() {
    while (orphanCount > 0) {
      int i = orphans[--orphanCount];
      byte mine = tree[i];
      int best = -1;
      int bestDistance = FAR;
      for (int d = 0; d < DIRECTIONS; d++) {
        int j = i + step[d];
        int room = mine == SOURCE ? capacity[d ^ 1][j] : capacity[d][i];
        if (room > 0 && tree[j] == mine && parent[j] != NO_PARENT) {
          int far = distanceToTerminal(j);
          if (far < bestDistance) {
            bestDistance = far;
            best = d;
          }
        }
      }
      if (best >= 0) {
        parent[i] = (byte) best;
        stamp[i] = time;
        distance[i] = bestDistance + 1;
      } else {
        letGo(i, mine);
      }
    }
  }

  /** How far a node is from its terminal, {@link #FAR} when an orphan lies between. */
  private int distanceToTerminal(int start) {
    int steps = 0;
    int i = start;
    while (true) {
      if (stamp[i] == time && parent[i] != ORPHAN) {
        steps += distance[i];
        break;
      }
      steps++;
      if (parent[i] == TERMINAL) {
        stamp[i] = time;
        distance[i] = 1;
        break;
      }
      if (parent[i] == ORPHAN || parent[i] == NO_PARENT) {
        return FAR;
      }
      i += step[parent[i]];
    }
    int total = steps;
    for (i = start; stamp[i] != time; i += step[parent[i]]) {
      stamp[i] = time;
      distance[i] = steps--;
    }
    return total;
  }

  private void letGo(int i, byte mine) {
    for (int d = 0; d < DIRECTIONS; d++) {
      int j = i + step[d];
      if (tree[j] != mine) {
        continue;
      }
      int room = mine == SOURCE ? capacity[d ^ 1][j] : capacity[d][i];
      if (room > 0) {
        activate(j);
      }
      byte up = parent[j];
      if (up != TERMINAL && up != ORPHAN && up != NO_PARENT && j + step[up] == i) {
        orphan(j);
      }
    }
    tree[i] = FREE;
    parent[i] = NO_PARENT;
  }
}
