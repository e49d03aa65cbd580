package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;

/** What a loss of power takes of the small pictures is made anew when somebody looks. */
@Isolated("Tears the small pictures of everybody.")
@ExtendWith(RunningServer.class)
class LostRenditionsTest {
  private final Api api;
  private final Path renditions;

  LostRenditionsTest(Api api, Path data) {
    this.api = api;
    this.renditions = data.resolve("renditions");
  }

  @Test
  void smallPicturesAreTheSameBytesAgain() throws IOException {
    long batch = api.newBatch("Lost small pictures");
    long picture = api.cutPicture(batch, "a.jpg", TestPictures.discJpeg(160, 120, 0x2A5A7A));
    String path = "/api/v1/pictures/" + picture;
    List<String> paths =
        List.of(
            path + "/thumbnail",
            path + "/preview",
            path + "/thumbnail?of=cutout",
            path + "/cutout-preview.png");
    Map<String, byte[]> before =
        paths.stream().collect(Collectors.toMap(Function.identity(), api::bytes));

    tearAll();

    for (String each : paths) {
      assertThat(api.bytes(each)).as(each).isEqualTo(before.get(each));
    }
  }

  @Test
  void aPhonesFileIsCutWithAndWithoutItsWorkingCopy() throws Exception {
    long batch = api.newBatch("From a phone");
    byte[] heic = TestPictures.heic(TestPictures.discJpeg(160, 120, 0x7A2A5A));
    long picture = api.cutPicture(batch, "phone.HEIC", heic);
    byte[] matte = api.matte(picture).coverage();

    assertThat(api.picture(picture).get("width").asInt()).isEqualTo(160);
    assertThat(api.bytes("/api/v1/pictures/" + picture + "/original")).isEqualTo(heic);

    tearAll();
    api.post("/api/v1/pictures/" + picture + "/recut", "{}");
    api.awaitState(picture, "to-check");

    assertThat(api.matte(picture).coverage()).isEqualTo(matte);
  }

  /** Empty files under whole names: what is left after a cut of the power. */
  private void tearAll() throws IOException {
    try (Stream<Path> files = Files.walk(renditions)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Files.write(file, new byte[0]);
      }
    }
  }
}
