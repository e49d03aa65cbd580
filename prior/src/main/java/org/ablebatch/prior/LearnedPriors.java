package org.ablebatch.prior;

import ai.onnxruntime.OrtException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import org.ablebatch.core.prior.Priors;

/** The networks that ship with Able Batch. See NOTES.md beside each for what it was trained on. */
public final class LearnedPriors {
  private static final Letterbox SUBJECT_BOX = new Letterbox(192, false, 128 / 255f);

  /** A bust is cut off by the lower edge, so the picture stands on it. */
  private static final Letterbox PERSON_BOX = new Letterbox(256, true, 128 / 255f);

  private LearnedPriors() {}

  /** Both priors, loaded once and shared; none where this machine cannot run them. */
  public static Priors shared() {
    return Shared.PRIORS;
  }

  /**
   * @throws OrtException when ONNX Runtime refuses a network
   * @throws UnsatisfiedLinkError when there is no native library for this machine
   */
  static Priors load() throws OrtException {
    return new Priors(
        Optional.of(new OnnxPrior(resource("subject-prior.onnx"), SUBJECT_BOX, true)),
        Optional.of(new OnnxPrior(resource("person-prior.onnx"), PERSON_BOX, false)));
  }

  private static byte[] resource(String name) {
    try (InputStream in = LearnedPriors.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException(name + " is missing from the module");
      }
      return in.readAllBytes();
    } catch (IOException e) {
      throw new IllegalStateException(name + " can’t be read", e);
    }
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
