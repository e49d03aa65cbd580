package org.ablebatch.core.subject;

import java.util.List;

/** The pieces of evidence, in the order in which {@link Evidence} lays them out. */
public enum EvidencePlane {
  LIGHTNESS,
  GREEN_TO_RED,
  BLUE_TO_YELLOW,
  SUBJECT_PRIOR,
  CLOSER_PRIOR,
  SMOOTH_PRIOR,
  PERSON_PRIOR,
  OTHERNESS,
  SHADE,
  REACHED,
  COLOURS,
  EDGES,
  FINE_DETAIL,
  COARSE_DETAIL,
  NOISE_OF_BACKDROP,
  RANGE_OF_BACKDROP,
  FIT_OF_BACKDROP,
  BUSY_BACKDROP;

  /** What was learned from pictures. */
  public static final List<EvidencePlane> GUESSES =
      List.of(SUBJECT_PRIOR, CLOSER_PRIOR, SMOOTH_PRIOR, PERSON_PRIOR);

  /** The same everywhere in a picture. */
  public static final List<EvidencePlane> OF_THE_WHOLE =
      List.of(NOISE_OF_BACKDROP, RANGE_OF_BACKDROP, FIT_OF_BACKDROP, BUSY_BACKDROP);
}
