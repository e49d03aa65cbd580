package org.ablebatch.core.prior;

import java.util.ArrayList;
import java.util.List;

/**
 * A sum of small decision trees (Friedman, "Greedy function approximation: a gradient boosting
 * machine", Annals of Statistics 29, 2001).
 */
public final class LearnedTrees {
  /** Of every node the fact that it asks about, or -1 where it answers. */
  private final int[] facts;

  /** The largest value that goes to the left, or the answer. */
  private final float[] values;

  private final int[] left;
  private final int[] right;
  private final int[] roots;
  private final double base;

  private LearnedTrees(double base, int[] roots, List<float[]> nodes) {
    this.base = base;
    this.roots = roots;
    this.facts = new int[nodes.size()];
    this.values = new float[nodes.size()];
    this.left = new int[nodes.size()];
    this.right = new int[nodes.size()];
    for (int i = 0; i < nodes.size(); i++) {
      float[] node = nodes.get(i);
      facts[i] = (int) node[0];
      values[i] = node[1];
      left[i] = (int) node[2];
      right[i] = (int) node[3];
    }
  }

  /**
   * @param text the base value on the first line, then a line a tree; its nodes are parted by
   *     semicolons: {@code fact threshold left right} with the numbers of two later nodes of the
   *     tree, or an answer alone
   * @throws IllegalArgumentException when it is not that
   */
  public static LearnedTrees parse(String text) {
    String[] lines = text.strip().split("\n");
    List<float[]> nodes = new ArrayList<>();
    int[] roots = new int[lines.length - 1];
    for (int tree = 0; tree < roots.length; tree++) {
      int first = nodes.size();
      roots[tree] = first;
      for (String node : lines[tree + 1].strip().split(";")) {
        String[] parts = node.split(" ");
        if (parts.length != 1 && parts.length != 4) {
          throw new IllegalArgumentException("not a node of a tree: " + node);
        }
        nodes.add(
            parts.length == 1
                ? new float[] {-1, Float.parseFloat(parts[0]), 0, 0}
                : new float[] {
                  Integer.parseInt(parts[0]),
                  Float.parseFloat(parts[1]),
                  first + Integer.parseInt(parts[2]),
                  first + Integer.parseInt(parts[3])
                });
      }
    }
    return new LearnedTrees(Double.parseDouble(lines[0].strip()), roots, nodes);
  }

  public double value(float[] of) {
    double sum = base;
    for (int root : roots) {
      int node = root;
      while (facts[node] >= 0) {
        node = of[facts[node]] <= values[node] ? left[node] : right[node];
      }
      sum += values[node];
    }
    return sum;
  }
}
