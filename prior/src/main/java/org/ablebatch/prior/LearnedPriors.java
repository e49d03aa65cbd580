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
      "d835be0f20b07c715093751fcc3e29c6c7f786151184e27e91451cc2ad96addc";

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
    return new Priors(
        Optional.of(
            new OnnxPrior(
                Network.inParts("subject-prior-2.onnx", 3, SUBJECT_SHA256), SUBJECT_BOX, true)),
        Optional.of(new OnnxPrior(Network.whole("subject-prior.onnx"), SMOOTH_BOX, true)),
        Optional.of(new OnnxPrior(Network.whole("person-prior.onnx"), PERSON_BOX, false)),
        Optional.of(new OnnxEvidence(Network.whole("evidence-weights.onnx"))),
        Optional.of(trees("judge.trees")),
        Optional.of(trees("forecast.trees")),
        Optional.of(trees("mends.trees")));
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
