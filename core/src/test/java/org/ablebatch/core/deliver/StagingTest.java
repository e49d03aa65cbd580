package org.ablebatch.core.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.ablebatch.core.deliver.Encoding.Palette;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.naming.NameRules;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

/** Where specs put a subject, measured in the pixels that come out. */
class StagingTest {
  private static final Dresser DRESSER = new Dresser(Supplies.none());
  private static final Rect CONTENT = new Rect(30, 20, 40, 20);
  private static final Dressable PICTURE = dressable(100, 60, CONTENT);

  @Test
  void theOriginalsSizeLeavesEveryPixelInItsPlace() {
    Picture made = made(new SpecSize.Original(null, null), Fit.BY_LOOK, true, PICTURE);

    assertThat(made.argb()).isEqualTo(PICTURE.cutout().argb());
  }

  @Test
  void aSmallerOriginalKeepsTheSubjectsPlace() {
    Picture made = made(new SpecSize.Original(50, null), Fit.BY_LOOK, true, PICTURE);

    assertThat(new int[] {made.width(), made.height()}).containsExactly(50, 30);
    assertThat(box(made)).isEqualTo(new Rect(15, 10, 20, 10));
  }

  @Test
  void aTrimmedSizeIsTheSubjectAndItsMarginToThePixel() {
    Picture made = made(new SpecSize.Trimmed(7, null, null), Fit.BY_LOOK, true, PICTURE);

    assertThat(new int[] {made.width(), made.height()}).containsExactly(54, 34);
    assertThat(box(made)).isEqualTo(new Rect(7, 7, 40, 20));
  }

  @Test
  void aShareIsReachedInTheDirectionThatGetsThereFirst() {
    Picture wide = made(new SpecSize.Pixels(80, 80, null), new Fit.Share(90), true, PICTURE);
    Picture flat = made(new SpecSize.Pixels(200, 40, null), new Fit.Share(50), true, PICTURE);

    assertThat(box(wide)).isEqualTo(new Rect(4, 22, 72, 36));
    assertThat(box(flat).height()).isEqualTo(20);
  }

  @Test
  void whatMayNotBeEnlargedStaysAsLargeAsItIs() {
    Picture made = made(new SpecSize.Pixels(400, 400, null), Fit.BY_LOOK, false, PICTURE);

    assertThat(box(made)).isEqualTo(new Rect(180, 190, 40, 20));
    assertThat(staging(new SpecSize.Pixels(400, 400, null), Fit.BY_LOOK, false).enlargement())
        .isEqualTo(1);
    assertThat(staging(new SpecSize.Pixels(400, 400, null), Fit.BY_LOOK, true).enlargement())
        .isGreaterThan(8);
  }

  @Test
  void coveringKeepsTheSubjectInsideAndSaysWhereItCant() {
    Staging square = staging(new SpecSize.Pixels(60, 60, null), new Fit.Cover(), true);
    Staging tower = staging(new SpecSize.Pixels(30, 60, null), new Fit.Cover(), true);

    assertThat(square.enlargement()).isEqualTo(1);
    assertThat(square.cutOff()).isZero();
    assertThat(tower.cutOff()).isCloseTo(0.25, within(1e-9));
    Picture made = made(new SpecSize.Pixels(60, 60, null), new Fit.Cover(), true, PICTURE);
    assertThat(box(made)).isEqualTo(new Rect(10, 20, 40, 20));
  }

  @Test
  void aSubjectAtThePicturesSideIsNotCutByCovering() {
    Dressable atTheSide = dressable(100, 60, new Rect(0, 20, 30, 20));

    Picture made = made(new SpecSize.Pixels(60, 60, null), new Fit.Cover(), true, atTheSide);

    assertThat(box(made)).isEqualTo(new Rect(0, 20, 30, 20));
  }

  @Test
  void bleedMirrorsThePictureAtItsEdge() {
    Picture picture = new Picture(3, 1, new int[] {0xFF000001, 0xFF000002, 0xFF000003});

    Picture around = Bleed.around(picture, 2);

    assertThat(around.width()).isEqualTo(7);
    assertThat(around.height()).isEqualTo(5);
    int[] row = Arrays.copyOfRange(around.argb(), 14, 21);
    assertThat(row)
        .containsExactly(
            0xFF000002, 0xFF000001, 0xFF000001, 0xFF000002, 0xFF000003, 0xFF000003, 0xFF000002);
    assertThat(Bleed.around(picture, 0)).isSameAs(picture);
  }

  private static Staging staging(SpecSize size, Fit fit, boolean mayEnlarge) {
    return Staging.of(spec(size, fit, mayEnlarge), PICTURE.measures(), Look.DEFAULT);
  }

  private static Picture made(SpecSize size, Fit fit, boolean mayEnlarge, Dressable of) {
    Staging s = Staging.of(spec(size, fit, mayEnlarge), of.measures(), Look.DEFAULT);
    return DRESSER.dress(of, s.look(), s.frame(), s.placing(), false);
  }

  private static Spec spec(SpecSize size, Fit fit, boolean mayEnlarge) {
    return new Spec(
        "A",
        size,
        fit,
        mayEnlarge,
        new Encoding.Png(Palette.NEVER),
        null,
        null,
        null,
        Spec.DEFAULT_NAME,
        NameRules.DEFAULT);
  }

  private static Dressable dressable(int width, int height, Rect content) {
    int[] argb = new int[width * height];
    for (int y = content.y(); y < content.bottom(); y++) {
      Arrays.fill(argb, y * width + content.x(), y * width + content.right(), 0xFF806040);
    }
    return new Dressable(new Picture(width, height, argb), content, null, Labels.NONE);
  }

  /** Of what is half there or more. */
  private static Rect box(Picture picture) {
    byte[] alpha = new byte[picture.argb().length];
    for (int i = 0; i < alpha.length; i++) {
      alpha[i] = (byte) (picture.argb()[i] >>> 24);
    }
    return new org.ablebatch.core.raster.Matte(picture.width(), picture.height(), alpha)
        .contentBox(128);
  }
}
