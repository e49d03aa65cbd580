package org.ablebatch.bench.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropReader;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.dress.OwnShade;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.AreaShrink;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The shadow of a rendered photograph, laid back on the backdrop that was fitted to it, gives the
 * photograph back outside the subject.
 */
class OwnShadeOnRendersTest {
  private static final Path PICTURES = Path.of("src", "test", "resources", "pictures");
  private static final double LEVELS = 3;

  @ParameterizedTest
  @ValueSource(strings = {"can_white", "brush_teal", "person_plain", "trowel_uneven"})
  void laidBackItGivesThePhotographBack(String name) throws Exception {
    Picture photograph = read(name + ".jpg");
    Matte matte =
        new PictureReader(ReadLimits.DEFAULT)
            .readMatte(Files.readAllBytes(PICTURES.resolve(name + ".matte.png")));
    Optional<OwnShade> shade = OwnShade.of(photograph, cutout(photograph, matte));
    assertThat(shade).as("a shade").isPresent();

    ColorPlanes light = shade.get().light();
    ColorPlanes linear = AreaShrink.toLinear(photograph, light.width(), light.height());
    float[] subject = coverage(matte, light.width(), light.height());
    Backdrop backdrop =
        BackdropReader.read(
            AreaShrink.toOkLab(linear),
            Optional.of(new Plane(light.width(), light.height(), subject)));
    ColorPlanes lit = OkLab.toLinear(backdrop.surface());
    double without = difference(linear, lit, null, subject);
    double with = difference(linear, lit, light, subject);

    System.out.printf("measured: %s %.2f, without its shadow %.2f%n", name, with, without);
    assertThat(with).isLessThan(LEVELS).isLessThan(without);
  }

  /** Mean difference outside the subject, in display values of 0..255. */
  private static double difference(
      ColorPlanes photograph, ColorPlanes lit, ColorPlanes light, float[] subject) {
    double sum = 0;
    int counted = 0;
    for (int i = 0; i < subject.length; i++) {
      if (subject[i] == 0) {
        for (int c = 0; c < 3; c++) {
          float arrives = light == null ? 1 : light.channel(c)[i];
          float laid = Math.max(0, Math.min(1, lit.channel(c)[i] * arrives));
          sum += Math.abs(Srgb.toDisplay(laid) - Srgb.toDisplay(photograph.channel(c)[i]));
          counted++;
        }
      }
    }
    return sum / counted;
  }

  private static float[] coverage(Matte matte, int w, int h) {
    float[] most = new float[w * h];
    for (int y = 0; y < matte.height(); y++) {
      for (int x = 0; x < matte.width(); x++) {
        int i = (int) ((long) y * h / matte.height()) * w + (int) ((long) x * w / matte.width());
        most[i] = Math.max(most[i], matte.at(x, y) / 255f);
      }
    }
    return most;
  }

  private static Picture cutout(Picture photograph, Matte matte) {
    int[] argb = new int[photograph.argb().length];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = (matte.coverage()[i] & 0xFF) << 24 | photograph.argb()[i] & 0xFFFFFF;
    }
    return new Picture(photograph.width(), photograph.height(), argb);
  }

  private static Picture read(String name) throws IOException, UnreadablePicture {
    return new PictureReader(ReadLimits.DEFAULT)
        .read(Files.readAllBytes(PICTURES.resolve(name)))
        .picture();
  }
}
