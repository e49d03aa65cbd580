package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.Api.Answer;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What intake sees of a file, and what of it reaches the results. */
@ExtendWith(RunningServer.class)
class StoredPicturesTest {
  private static final int SIDE = 160;
  private final Api api;

  StoredPicturesTest(Api api) {
    this.api = api;
  }

  @Test
  void sixteenBitsReachTheCutoutOfWhoAsksForThem() throws IOException {
    long batch = api.newBatch("Deep");
    long picture = api.cutPicture(batch, "deep.png", deepDisc());
    assertThat(api.picture(picture).get("intake").get("bits").asInt()).isEqualTo(16);
    String path = "/api/v1/pictures/" + picture + "/cutout.png";

    BufferedImage deep = ImageIO.read(new ByteArrayInputStream(api.bytes(path + "?bits=16")));
    BufferedImage plain = ImageIO.read(new ByteArrayInputStream(api.bytes(path)));

    assertThat(deep.getColorModel().getComponentSize(0)).isEqualTo(16);
    assertThat(deep.getRaster().getSample(SIDE / 2, SIDE / 2, 0)).isEqualTo(30_123);
    assertThat(deep.getRaster().getSample(SIDE / 2, SIDE / 2, 3)).isEqualTo(65_535);
    assertThat(deep.getRaster().getSample(3, 3, 3)).isZero();
    assertThat(plain.getColorModel().getComponentSize(0)).isEqualTo(8);
  }

  @Test
  void eightBitsStayEightHoweverManyAreAskedFor() throws IOException {
    long batch = api.newBatch("Shallow");
    long picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(120, 90, 0x803010));

    byte[] cutout = api.bytes("/api/v1/pictures/" + picture + "/cutout.png?bits=16");

    assertThat(ImageIO.read(new ByteArrayInputStream(cutout)).getColorModel().getComponentSize(0))
        .isEqualTo(8);
  }

  @Test
  void theIntakeReportNamesWhatIsNoteworthy() {
    long batch = api.newBatch("Report");
    int[] argb = TestPictures.disc(200, 150, 0x204080).argb().clone();
    argb[0] = 0;
    api.upload(
        batch,
        new UploadedFile("sharp.jpg", TestPictures.discJpeg(200, 150, 0x204080)),
        new UploadedFile("clear.png", PictureWriter.png(new Picture(200, 150, argb))),
        new UploadedFile("soft.png", soft()));

    JsonNode sharp = api.pictures(batch).get(0).get("intake");
    assertThat(sharp.get("blurred").asBoolean()).isFalse();
    assertThat(sharp.get("transparent").asBoolean()).isFalse();
    assertThat(sharp.get("hasPlace").asBoolean()).isFalse();
    assertThat(api.pictures(batch).get(1).get("intake").get("transparent").asBoolean()).isTrue();
    assertThat(api.pictures(batch).get(2).get("intake").get("blurred").asBoolean()).isTrue();
  }

  @Test
  void whatIsEnlargedIsSharpenedWhenTheTicketSaysSo() throws IOException {
    Picture plain = delivered("Plain enlargement", false);
    Picture crisp = delivered("Crisp enlargement", true);

    assertThat(partly(crisp)).isLessThan(partly(plain));
    assertThat(crisp.at(200, 200)).isEqualTo(plain.at(200, 200));
  }

  private Picture delivered(String name, boolean sharpen) throws IOException {
    long batch = api.newBatch(name);
    long picture = api.cutPicture(batch, "small.png", smallDisc());
    api.verdict(picture, "pass");
    api.withBody(
        "PATCH", "/api/v1/batches/" + batch, "{\"sharpenEnlarged\": %s}".formatted(sharpen));
    Answer queued =
        api.post(
            "/api/v1/batches/" + batch + "/deliveries",
            "{\"specs\": [{\"name\": \"Big\", \"width\": 400, \"height\": 400, \"format\":"
                + " \"PNG\"}]}");
    String delivery = "/api/v1/deliveries/" + queued.body().get("id").asLong();
    await()
        .atMost(Api.PATIENCE)
        .until(() -> api.get(delivery).body().get("state").asString().equals("done"));
    try (var zip =
        new java.util.zip.ZipInputStream(
            new ByteArrayInputStream(api.bytes(delivery + "/files.zip")))) {
      for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().endsWith(".png")) {
          return api.image(zip.readAllBytes());
        }
      }
    }
    throw new IllegalStateException("no picture was delivered");
  }

  private static long partly(Picture picture) {
    return java.util.Arrays.stream(picture.argb())
        .filter(pixel -> pixel >>> 24 > 10 && pixel >>> 24 < 245)
        .count();
  }

  /** A spec has to enlarge it. */
  private static byte[] smallDisc() {
    return PictureWriter.png(TestPictures.disc(60, 60, 0x7A2A1A));
  }

  /** A wide, slow change of light without any edge. */
  private static byte[] soft() {
    int[] argb = new int[320 * 240];
    for (int i = 0; i < argb.length; i++) {
      double wave = Math.sin(i % 320 / 9.0) + Math.sin(i / 320 / 9.0);
      argb[i] = 0xFF000000 | (int) Math.round(128 + 55 * wave) * 0x010101;
    }
    return PictureWriter.png(new Picture(320, 240, argb));
  }

  private static byte[] deepDisc() throws IOException {
    ComponentColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            false,
            false,
            java.awt.Transparency.OPAQUE,
            DataBuffer.TYPE_USHORT);
    WritableRaster raster = model.createCompatibleWritableRaster(SIDE, SIDE);
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        boolean in = Math.hypot(x - SIDE / 2.0, y - SIDE / 2.0) < SIDE / 4.0;
        raster.setPixel(
            x, y, in ? new int[] {30_123, 9_001, 7_777} : new int[] {58_000, 57_500, 56_000});
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(model, raster, false, null), "png", bytes);
    return bytes.toByteArray();
  }
}
