package org.ablebatch.core.subject;

import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;

/**
 * The subject on a backdrop that a smooth surface describes.
 *
 * <p>Each pixel is first held against the surface: clearly other, clearly backdrop, or a darker
 * shade of it, which may be shadow or subject. Enclosed places are judged as wholes. All of it
 * becomes log odds, the learned guess and the two sides' colours join in, and a minimum cut over
 * colour edges decides, so that a shadow without an edge joins the backdrop and a white jug with a
 * faint outline joins its blue rim.
 */
public final class PlainSubjectFinder implements SubjectFinder {
  private static final double LEAST_PART = 0.0004;

  /** Log odds of what is as good as certain: an exact match, or a judged place. */
  private static final float SURE = 4;

  /** What the border reaches through shade is probably backdrop, but shiny things look so too. */
  private static final float SHADED = 2;

  /** Log odds per unit of otherness. */
  private static final float OTHER = 2;

  private static final float EXACT_OTHERNESS = 0.5f;
  private static final float EXACT_SHADE = 0.05f;
  private static final float STRONG_COLOUR = 0.045f;

  /** The guess is better at saying where no subject is: it likes to fill openings. */
  private static final float GUESS_AGAINST = 1f;

  private static final float GUESS_FOR = 0.05f;

  /**
   * On a colourless backdrop nothing but darkness tells a shadow from grey steel or a white foot,
   * and the guess, which seldom takes in a shadow, knows better.
   */
  private static final float GUESS_IN_SHADE = 1.1f;

  private static final float SHADE_SEEN = 0.03f;
  private static final float SHADE_GUESS_FROM = 0.85f;
  private static final float SHADE_GUESS = 0.97f;
  private static final float MOST_GUESS = 0.93f;
  private static final float COLOUR_WEIGHT = 0.1f;
  private static final float COLOUR_WEIGHT_TEXTURED = 0.7f;
  private static final float CERTAIN = 3.5f;

  /** Flat art has no noise to be tolerant of. */
  private static final float FAINT_FLOOR = 0.35f;

  private final boolean trustsGuessInShade;
  private final float floor;

  public PlainSubjectFinder() {
    this(true, 1);
  }

  private PlainSubjectFinder(boolean trustsGuessInShade, float floor) {
    this.trustsGuessInShade = trustsGuessInShade;
    this.floor = floor;
  }

  /** For glass, whose darker body is no solid part though the guess takes it in. */
  public static PlainSubjectFinder ofSolidParts() {
    return new PlainSubjectFinder(false, 1);
  }

  /**
   * For flat art in which nothing was found: its colours may differ by less than a photograph's.
   */
  public static PlainSubjectFinder ofFaintColours() {
    return new PlainSubjectFinder(true, FAINT_FLOOR);
  }

  @Override
  public SubjectRegion find(Scene scene, Pulse pulse) {
    ColorPlanes lab = scene.lab();
    Backdrop backdrop = scene.backdrop();
    int width = lab.width();
    int height = lab.height();
    BackdropLikeness likeness = BackdropLikeness.measure(lab, backdrop, floor);
    EnclosureJudge.judge(likeness, scene, floor);
    pulse.beat();
    float[] odds = odds(likeness, scene);
    boolean[] subject = ContrastCut.divide(lab, odds);
    pulse.beat();
    addColours(odds, subject, likeness, scene);
    subject = ContrastCut.divide(lab, odds);
    boolean[] doubtful = likeness.undecided();
    boolean[] dropped = dropCrumbs(subject, likeness, width, height);
    return new SubjectRegion(width, height, subject, doubtful, likeness.evidence(), dropped);
  }

  /** Lets the colours of the two sides speak where nothing else was certain. */
  private static void addColours(
      float[] odds, boolean[] subject, BackdropLikeness likeness, Scene scene) {
    int[] cells = ColourTable.cells(scene.lab());
    float[] in = new float[odds.length];
    float[] out = new float[odds.length];
    for (int i = 0; i < odds.length; i++) {
      in[i] = subject[i] ? 1 : 0;
      out[i] = 1 - in[i];
    }
    float weight = scene.backdrop().isTextured() ? COLOUR_WEIGHT_TEXTURED : COLOUR_WEIGHT;
    float[] contrast =
        ColourContrast.logOdds(ColourTable.density(cells, in), ColourTable.density(cells, out));
    for (int i = 0; i < odds.length; i++) {
      if (Math.abs(odds[i]) < CERTAIN) {
        odds[i] += weight * contrast[cells[i]];
      }
    }
  }

  /** What colour, connection and the learned guess say together, as log odds of subject. */
  private float[] odds(BackdropLikeness likeness, Scene scene) {
    float[] out = new float[likeness.otherness().length];
    for (int i = 0; i < out.length; i++) {
      out[i] = bySight(i, likeness, scene.backdrop().surface());
    }
    scene
        .subjectPrior()
        .ifPresent(guess -> addGuess(out, guess.values(), likeness, scene.backdrop()));
    return out;
  }

  private static float bySight(int i, BackdropLikeness likeness, ColorPlanes surface) {
    float other = likeness.otherness()[i];
    if (likeness.markers()[i] == BackdropLikeness.SUBJECT) {
      return likeness.apart()[i] ? SURE : Math.min(SURE, OTHER * other);
    }
    if (likeness.markers()[i] == BackdropLikeness.BACKDROP) {
      boolean exact = other < EXACT_OTHERNESS && Math.abs(likeness.shade()[i] - 1) < EXACT_SHADE;
      boolean coloured = Math.hypot(surface.c1()[i], surface.c2()[i]) > STRONG_COLOUR;
      return exact || coloured || likeness.apart()[i] ? -SURE : -SHADED;
    }
    return 0;
  }

  private void addGuess(float[] odds, float[] guess, BackdropLikeness likeness, Backdrop backdrop) {
    boolean shadeIsNoSign = trustsGuessInShade && !backdrop.isTextured();
    for (int i = 0; i < odds.length; i++) {
      double p = Math.max(1 - MOST_GUESS, Math.min(MOST_GUESS, guess[i]));
      double logit = Math.log(p / (1 - p));
      float weight = logit < 0 ? GUESS_AGAINST : GUESS_FOR;
      if (shadeIsNoSign && logit > 0 && isGreyShade(i, likeness, backdrop.surface())) {
        float sure = (guess[i] - SHADE_GUESS_FROM) / (SHADE_GUESS - SHADE_GUESS_FROM);
        weight += (GUESS_IN_SHADE - GUESS_FOR) * Math.max(0, Math.min(1, sure));
      }
      odds[i] += (float) (weight * logit);
    }
  }

  /** Darker or brighter than a backdrop that has hardly a colour of its own. */
  private static boolean isGreyShade(int i, BackdropLikeness likeness, ColorPlanes surface) {
    float a = surface.c1()[i];
    float b = surface.c2()[i];
    return Math.abs(likeness.shade()[i] - 1) > SHADE_SEEN
        && a * a + b * b < STRONG_COLOUR * STRONG_COLOUR;
  }

  /**
   * Removes parts that are too small to be meant; a part that stands out strongly may be smaller.
   *
   * @return what was removed
   */
  private static boolean[] dropCrumbs(
      boolean[] subject, BackdropLikeness likeness, int width, int height) {
    Components parts = Components.of(subject, width, height, true);
    int largest = parts.regions().stream().mapToInt(Components.Region::area).max().orElse(0);
    double least = Math.max(LEAST_PART * subject.length, 0.004 * largest);
    boolean[] dropped = new boolean[subject.length];
    float[] strength = new float[parts.regions().size() + 1];
    for (int i = 0; i < subject.length; i++) {
      strength[parts.labels()[i]] += likeness.otherness()[i];
    }
    for (int i = 0; i < subject.length; i++) {
      int label = parts.labels()[i];
      if (label > 0) {
        int area = parts.regions().get(label - 1).area();
        boolean strong = strength[label] / area > 3;
        subject[i] = area >= (strong ? least / 3 : least);
        dropped[i] = !subject[i];
      }
    }
    return dropped;
  }
}
