package org.ablebatch.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class DressCommandTest {
  private static final Path SLATE = Path.of("..", "demo", "looks", "portrait-slate.json");
  private static final int GREEN = 0xFF2E7D46;

  @TempDir private Path folder;
  private Path in;
  private Path out;
  private Path look;
  private final StringWriter said = new StringWriter();

  @BeforeEach
  void aCutoutAndALook() throws IOException {
    in = Files.createDirectories(folder.resolve("in"));
    out = folder.resolve("out");
    look = folder.resolve("look.json");
    Files.write(look, new LookFile("Oat", Look.plain(new Fill.Solid(0xE9E0CE), 25)).write());
    Files.write(in.resolve("peg.png"), PictureWriter.png(square()));
  }

  @Test
  void aCutoutStandsInItsFrameOnTheLooksBackdrop() throws Exception {
    int code = dress(look, "--size", "80x40", "--format", "png");

    assertThat(code).as(said.toString()).isZero();
    Picture dressed = read(out.resolve("peg.png"));
    assertThat(dressed.width()).isEqualTo(80);
    assertThat(dressed.height()).isEqualTo(40);
    assertThat(dressed.at(2, 2)).isEqualTo(0xFFE9E0CE);
    assertThat(dressed.at(40, 20)).isEqualTo(GREEN);
    assertThat(dressed.at(40, 7)).isEqualTo(0xFFE9E0CE);
  }

  @Test
  void textsAreReadFromTheListAndWhatTheyLackIsSaid() throws Exception {
    Path list = folder.resolve("list.csv");
    Files.writeString(list, "file,name\npeg,Basil Thornquist\n");

    int code = dress(SLATE, "--size", "300x300", "--list", list.toString());

    assertThat(code).as(said.toString()).isZero();
    assertThat(said.toString()).contains("It has no “role” to be written").doesNotContain("“name”");
    Picture dressed = read(out.resolve("peg.jpg"));
    assertThat(lightPixels(dressed, 240, 270)).as("the name").isGreaterThan(200);
    assertThat(lightPixels(dressed, 274, 298)).as("the role").isZero();
  }

  @Test
  void wrongUseIsSaidInASentence() throws Exception {
    assertThat(dress(look, "--size", "wide")).isEqualTo(2);
    assertThat(said.toString()).contains("--size is a width and a height such as 1600x1600");
    assertThat(dress(look, "--size", "80x40", "--format", "bmp")).isEqualTo(2);
    assertThat(said.toString()).contains("png, jpeg or webp, not “bmp”");
    assertThat(dress(folder.resolve("none.json"), "--size", "8x8")).isEqualTo(2);
    assertThat(said.toString()).contains("none.json does not exist");
    Files.writeString(look, Files.readString(look).replace("25.0", "-4"));
    assertThat(dress(look, "--size", "80x40")).isEqualTo(2);
    assertThat(said.toString()).contains("parts[1].setting.percent");
  }

  @Test
  void aBadPictureIsNamedAndTheRestGoesOn() throws Exception {
    Files.writeString(in.resolve("bad.png"), "not a picture\n");

    assertThat(dress(look, "--size", "80x40")).isEqualTo(1);

    assertThat(said.toString()).contains("bad.png: This is a text file, not a picture");
    assertThat(out.resolve("peg.jpg")).exists();
  }

  @Test
  void aPictureOfTheLookMayLieBesideItAndNowhereElse() throws Exception {
    Files.write(folder.resolve("wall.png"), PictureWriter.png(filled(64, 64, 0xFF3366AA)));
    Fill wall = new Fill.Image("wall.png", Fill.Fit.COVER, 50, 50, 40, 0, 0);
    Files.write(look, new LookFile("Wall", Look.plain(wall, 25)).write());

    assertThat(dress(look, "--size", "80x40", "--format", "png")).isZero();

    assertThat(read(out.resolve("peg.png")).at(2, 2) & 0xFF).isCloseTo(0xAA, within(1));
    assertThat(new FileSupplies(in).picture("../wall.png")).isEmpty();
    assertThat(new FileSupplies(folder).picture("wall.png")).isPresent();
  }

  private static int lightPixels(Picture picture, int fromY, int toY) {
    int light = 0;
    for (int y = fromY; y < toY; y++) {
      for (int x = 0; x < picture.width(); x++) {
        light += (picture.at(x, y) >> 8 & 0xFF) > 200 ? 1 : 0;
      }
    }
    return light;
  }

  private static Picture read(Path file) throws Exception {
    return new PictureReader(ReadLimits.DEFAULT).read(Files.readAllBytes(file)).picture();
  }

  private static Picture square() {
    Picture clear = filled(100, 100, 0);
    for (int y = 30; y < 70; y++) {
      for (int x = 30; x < 70; x++) {
        clear.argb()[y * 100 + x] = GREEN;
      }
    }
    return clear;
  }

  private static Picture filled(int width, int height, int argb) {
    int[] pixels = new int[width * height];
    java.util.Arrays.fill(pixels, argb);
    return new Picture(width, height, pixels);
  }

  private int dress(Path lookFile, String... more) {
    CommandLine line = new CommandLine(new Able());
    line.setErr(new PrintWriter(said, true));
    String[] args = {"dress", lookFile.toString(), in.toString(), "--out", out.toString()};
    String[] all = java.util.Arrays.copyOf(args, args.length + more.length);
    System.arraycopy(more, 0, all, args.length, more.length);
    return line.execute(all);
  }
}
