package org.ablebatch.prior;

import static org.assertj.core.api.Assertions.assertThat;

import ai.onnxruntime.OrtEnvironment;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LearnedPriorsTest {
  private static final int W = 320;
  private static final int H = 240;

  @Test
  void aThingOnPaperIsSeenWhereItIs() {
    Plane guess = LearnedPriors.shared().subject().orElseThrow().suggest(redDiscOnPaper());

    assertThat(guess.width()).isEqualTo(W);
    assertThat(guess.at(110, 130)).as("in the disc").isGreaterThan(0.8f);
    assertThat(guess.at(280, 40)).as("on the paper").isLessThan(0.2f);
  }

  @Test
  void aDiscIsNoSurePersonAtTheLowerEdge() {
    Plane guess = LearnedPriors.shared().person().orElseThrow().suggest(redDiscOnPaper());

    for (int x = 0; x < W; x++) {
      assertThat(guess.at(x, H - 1)).isLessThan(0.5f);
    }
  }

  @Test
  void aPictureMayBeSmallerThanAnyLookAtIt() {
    ColorPlanes whole = redDiscOnPaper();
    ColorPlanes small = new ColorPlanes(W / 8, H / 8);
    for (int i = 0; i < small.c0().length; i++) {
      int from = i / (W / 8) * 8 * W + i % (W / 8) * 8;
      for (int c = 0; c < 3; c++) {
        small.channel(c)[i] = whole.channel(c)[from];
      }
    }

    Plane guess = LearnedPriors.shared().subject().orElseThrow().suggest(small);

    assertThat(guess.at(14, 16)).as("in the disc").isGreaterThan(0.8f);
    assertThat(guess.at(35, 5)).as("on the paper").isLessThan(0.2f);
  }

  @ParameterizedTest
  @EnumSource
  void everyLessonWasLearned(Lesson lesson) {
    assertThat(LearnedPriors.shared().trees(lesson)).isPresent();
    assertThat(Priors.none().trees(lesson)).isEmpty();
  }

  @Test
  void oneSessionGivesSeveralThreadsTheSameAnswer() {
    Priors priors = LearnedPriors.shared();
    ColorPlanes picture = redDiscOnPaper();
    float[] once = priors.subject().orElseThrow().suggest(picture).values();

    List<float[]> answers =
        IntStream.range(0, 8)
            .parallel()
            .mapToObj(i -> priors.subject().orElseThrow().suggest(picture).values())
            .toList();

    assertThat(answers).allSatisfy(answer -> assertThat(answer).isEqualTo(once));
  }

  @Test
  void whatIsMarkedIsWhatIsAnswered() {
    Plane kept = marked(280, 40, 30);
    Plane nothing = new Plane(W, H);

    Plane subject = answer(marked(110, 130, 5), nothing, kept);
    Plane backdrop = answer(nothing, marked(110, 130, 5), kept);

    assertThat(subject.width()).isEqualTo(W);
    assertThat(subject.at(110, 130)).isGreaterThan(0.8f);
    assertThat(subject.at(90, 110)).as("the rest of the disc").isGreaterThan(0.5f);
    assertThat(backdrop.at(110, 130)).isLessThan(0.5f);
  }

  @Test
  void whatWasSeenLastIsNotTakenForAnotherPicture() {
    Plane mark = marked(110, 130, 5);
    Plane nothing = new Plane(W, H);
    ColorPlanes paper = new ColorPlanes(W, H);

    float[] disc = answer(mark, nothing, nothing).values();
    float[] again = answer(mark, nothing, nothing).values();
    float[] black = answer(paper, mark, nothing, nothing).values();

    assertThat(again).isEqualTo(disc);
    assertThat(black).isNotEqualTo(disc);
    assertThat(answer(mark, nothing, nothing).values()).isEqualTo(disc);
  }

  private static Plane answer(Plane subject, Plane backdrop, Plane cutout) {
    return answer(redDiscOnPaper(), subject, backdrop, cutout);
  }

  private static Plane answer(ColorPlanes picture, Plane subject, Plane backdrop, Plane cutout) {
    return LearnedPriors.shared()
        .pointed()
        .orElseThrow()
        .look(picture, cutout)
        .answer(subject, backdrop);
  }

  private static Plane marked(int cx, int cy, int radius) {
    Plane out = new Plane(W, H);
    for (int i = 0; i < W * H; i++) {
      out.values()[i] = Math.hypot(i % W - cx, i / W - cy) < radius ? 1 : 0;
    }
    return out;
  }

  /** Newer libraries carry a client that uploads what it knows of the machine. */
  @ParameterizedTest
  @ValueSource(strings = {"linux-x64/libonnxruntime.so", "linux-aarch64/libonnxruntime.so"})
  void theLibraryTellsNobody(String library) throws IOException {
    try (InputStream in =
        OrtEnvironment.class.getResourceAsStream("/ai/onnxruntime/native/" + library)) {
      String text = new String(in.readAllBytes(), StandardCharsets.ISO_8859_1);

      assertThat(text).contains("OrtGetApiBase");
      assertThat(text.contains("telemetry HTTPS") || text.contains("ORT_DISABLE_TELEMETRY"))
          .as("a client for uploads inside")
          .isFalse();
    }
  }

  private static ColorPlanes redDiscOnPaper() {
    ColorPlanes out = new ColorPlanes(W, H);
    for (int i = 0; i < W * H; i++) {
      double r = Math.hypot(i % W - 110, i / W - 130);
      double light = 1 - 0.4 * Math.min(1, r / 70);
      boolean in = r < 70;
      out.c0()[i] = in ? (float) (0.6 * light) : 0.85f;
      out.c1()[i] = in ? (float) (0.06 * light) : 0.84f;
      out.c2()[i] = in ? (float) (0.05 * light) : 0.82f;
    }
    return out;
  }
}
