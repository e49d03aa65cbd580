package org.ablebatch.prior;

import static java.nio.charset.StandardCharsets.US_ASCII;

import ai.onnxruntime.OrtException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.prior.OnnxPrior.Look;

/** The networks that ship with Able Batch. See NOTES.md beside each for what it was trained on. */
public final class LearnedPriors {
  private static final Letterbox SUBJECT_BOX = centred(256);

  /** What it learned at one size it knows at others too (prior/train/NOTES.md). */
  private static final List<Look> SUBJECT_LOOKS =
      List.of(
          new Look(centred(192), false),
          new Look(SUBJECT_BOX, true),
          new Look(centred(384), false));

  private static final List<Look> SMOOTH_LOOKS =
      List.of(new Look(centred(192), false), new Look(centred(192), true));

  /** A bust is cut off by the lower edge, so the picture stands on it. */
  private static final List<Look> PERSON_LOOKS =
      List.of(new Look(new Letterbox(256, true, 128 / 255f), false));

  /** Files that the subject prior comes in. */
  static final int PARTS = 2;

  private static final String SUBJECT_SHA256 =
      "9df7f48dc21bbb8ed87e9814ed872a31fb803d5e9da98ae12ea35a487a5581f6";

  private static final String SUBJECT = "subject";

  private LearnedPriors() {}

  private static Letterbox centred(int side) {
    return new Letterbox(side, false, 128 / 255f);
  }

  /** All of them, loaded once and shared; none where this machine cannot run them. */
  public static Priors shared() {
    return Shared.PRIORS;
  }

  /**
   * @throws OrtException when ONNX Runtime refuses a network
   * @throws UnsatisfiedLinkError when there is no native library for this machine
   */
  static Priors load() throws OrtException {
    OnnxPrior subject =
        new OnnxPrior(
            Network.inParts("subject-prior-2.onnx", PARTS, SUBJECT_SHA256), SUBJECT_LOOKS, SUBJECT);
    return new Priors(
        Optional.of(subject),
        Optional.of(new OnnxPrior(Network.whole("subject-prior.onnx"), SMOOTH_LOOKS, SUBJECT)),
        Optional.of(new OnnxPrior(Network.whole("person-prior.onnx"), PERSON_LOOKS, "person")),
        Optional.of(new OnnxEvidence(Network.whole("evidence-weights.onnx"))),
        Optional.of(new OnnxPointed(subject, Network.whole("pointed-prior.onnx"), SUBJECT_BOX)),
        trees());
  }

  private static Map<Lesson, LearnedTrees> trees() {
    Map<Lesson, LearnedTrees> all = new EnumMap<>(Lesson.class);
    for (Lesson lesson : Lesson.values()) {
      String file = lesson.name().toLowerCase(Locale.ROOT) + ".trees";
      all.put(lesson, LearnedTrees.parse(new String(Network.whole(file), US_ASCII)));
    }
    return all;
  }

  /** Loaded at first use. */
  private static final class Shared {
    private static final Priors PRIORS = loadOrNone();

    private static Priors loadOrNone() {
      try {
        return load();
      } catch (OrtException | LinkageError e) {
        System.getLogger(LearnedPriors.class.getName())
            .log(System.Logger.Level.WARNING, "The learned priors don’t run here: " + e);
        return Priors.none();
      }
    }
  }
}
