package org.ablebatch.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class CutCommandTest {
  @TempDir private Path folder;
  private Path in;
  private Path out;
  private final StringWriter said = new StringWriter();

  @BeforeEach
  void twoPicturesInFolders() throws IOException {
    in = Files.createDirectories(folder.resolve("in"));
    out = folder.resolve("out");
    Files.write(in.resolve("a.jpg"), disc());
    Files.write(Files.createDirectories(in.resolve("deeper")).resolve("a.jpg"), disc());
  }

  @Test
  void foldersAreCutWholeAndNamesDoNotCollide() throws Exception {
    int code = able("cut", in.toString(), "--out", out.toString(), "--matte");

    assertThat(code).isZero();
    assertThat(out.resolve("a.png")).exists();
    assertThat(out.resolve("a-2.png")).exists();
    assertThat(out.resolve("a.matte.png")).exists();
    Picture cut =
        new PictureReader(ReadLimits.DEFAULT)
            .read(Files.readAllBytes(out.resolve("a.png")))
            .picture();
    assertThat(cut.width()).isEqualTo(120);
    assertThat(cut.at(0, 0) >>> 24).isZero();
    assertThat(cut.at(60, 40) >>> 24).isEqualTo(255);
  }

  @Test
  void aBadFileIsNamedAndTheRestGoesOn() throws Exception {
    Files.writeString(in.resolve("bad.jpg"), "not a picture\n");
    Path report = folder.resolve("report.json");

    int code = able("cut", in.toString(), "--out", out.toString(), "--report", report.toString());

    assertThat(code).isEqualTo(1);
    assertThat(out.resolve("a.png")).exists();
    assertThat(said.toString()).contains("bad.jpg: This is a text file, not a picture");
    assertThat(Files.readString(report))
        .contains(
            "\"file\" : \"bad.jpg\"", "\"problem\"", "\"method\" : \"flat\"", "\"number\" : 1");
  }

  @Test
  void wrongUseEndsWithTwo() {
    assertThat(able("cut", in.toString())).isEqualTo(2);
    assertThat(able("cut", in.toString(), "--out", out.toString(), "--method", "magic"))
        .isEqualTo(2);
    assertThat(able("cut", folder.resolve("nowhere").toString(), "--out", out.toString()))
        .isEqualTo(2);
    assertThat(able("cut", in.toString(), "--out", out.toString(), "--threads", "0")).isEqualTo(2);
    assertThat(said.toString()).contains("“magic” is not a method");
  }

  private int able(String... args) {
    PrintWriter writer = new PrintWriter(said, true);
    return new CommandLine(new Able()).setErr(writer).setOut(writer).execute(args);
  }

  private static byte[] disc() {
    int[] argb = new int[120 * 80];
    for (int i = 0; i < argb.length; i++) {
      boolean inside = Math.hypot(i % 120 - 60, i / 120 - 40) < 25;
      argb[i] = inside ? 0xFF993322 : 0xFFE8E6E0;
    }
    return PictureWriter.jpeg(new Picture(120, 80, argb), 95);
  }
}
