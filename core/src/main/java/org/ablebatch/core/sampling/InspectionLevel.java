package org.ablebatch.core.sampling;

/** General inspection levels: how large a sample is for its lot. */
public enum InspectionLevel {
  /** Less discrimination is enough. */
  I,
  /** The usual one. */
  II,
  /** More discrimination is wanted. */
  III
}
