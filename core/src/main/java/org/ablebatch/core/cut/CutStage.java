package org.ablebatch.core.cut;

/** The stages of a cut, in order. */
public enum CutStage {
  READ,
  FIND,
  MATTE,
  JUDGE
}
