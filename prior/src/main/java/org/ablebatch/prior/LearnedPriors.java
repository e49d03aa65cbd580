package org.ablebatch.prior;

import static java.nio.charset.StandardCharsets.US_ASCII;

import ai.onnxruntime.OrtException;
import java.util.Optional;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Priors;

/** The networks that ship with Able Batch. See NOTES.md beside each for what it was trained on. */
public final class LearnedPriors {
  private static final Letterbox SUBJECT_BOX = new Letterbox(256, false, 128 / 255f);

  private static final Letterbox SMOOTH_BOX = new Letterbox(192, false, 128 / 255f);

  /** A bust is cut off by the lower edge, so the picture stands on it. */
  private static final Letterbox PERSON_BOX = new Letterbox(256, true, 128 / 255f);

  private static final String SUBJECT_SHA256 =
      "bc55a6c12e98456ac4c823a39c85085d27cbc5b7da11fa0b5190e329be56f848";

  private static final String SUBJECT = "subject";

  private LearnedPriors() {}

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
            Network.inParts("subject-prior-2.onnx", 3, SUBJECT_SHA256), SUBJECT_BOX, true, SUBJECT);
    return new Priors(
        Optional.of(subject),
        Optional.of(new OnnxPrior(Network.whole("subject-prior.onnx"), SMOOTH_BOX, true, SUBJECT)),
        Optional.of(new OnnxPrior(Network.whole("person-prior.onnx"), PERSON_BOX, false, "person")),
        Optional.of(new OnnxEvidence(Network.whole("evidence-weights.onnx"))),
        Optional.of(trees("judge.trees")),
        Optional.of(trees("forecast.trees")),
        Optional.of(trees("mends.trees")),
        Optional.of(new OnnxPointed(subject, Network.whole("pointed-prior.onnx"), SUBJECT_BOX)));
  }

  private static LearnedTrees trees(String name) {
    return LearnedTrees.parse(new String(Network.whole(name), US_ASCII));
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
