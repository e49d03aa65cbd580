package org.ablebatch.codec.heif;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The decoder is held to its limits, whatever it does. Stands in for it: a few lines of shell. */
class HeifToolTest {
  private static final HeifFacts SMALL = new HeifFacts(64, 48, 8, Nclx.SRGB, false, 1, 0, false);

  @TempDir private Path folder;

  @Test
  void withoutTheToolThatIsSaid() {
    assertThat(convert()).isEqualTo(new HeifTool.Outcome.NotInstalled());
  }

  @Test
  void whatItWritesIsHandedOver() throws IOException {
    decoder("printf picture > \"$3\"");

    assertThat(((HeifTool.Outcome.Converted) convert()).png()).asString().isEqualTo("picture");
  }

  @Test
  void oneThatNeverEndsIsEnded() throws IOException {
    decoder("while :; do :; done");

    assertThat(convert(new HeifTool.Limits(1, 600))).isEqualTo(new HeifTool.Outcome.Refused());
  }

  @Test
  void oneThatOnlyWaitsIsGivenUp() throws IOException {
    decoder("exec sleep 600");

    assertThat(convert(new HeifTool.Limits(1, 1))).isEqualTo(new HeifTool.Outcome.TooSlow());
  }

  @Test
  void oneThatWritesWithoutEndIsEnded() throws IOException {
    decoder("cat /dev/zero > \"$3\"");

    assertThat(convert()).isEqualTo(new HeifTool.Outcome.Refused());
  }

  @Test
  void oneThatWantsAllMemoryIsEnded() throws IOException {
    decoder("head -c 8G /dev/zero | tail -c 8G > /dev/null && printf picture > \"$3\"");

    assertThat(convert()).isEqualTo(new HeifTool.Outcome.Refused());
  }

  @Test
  void nothingIsLeftBehind() throws IOException {
    decoder("printf picture > \"$3\"; ls -d \"$PWD\" > " + folder.resolve("worked-in"));
    convert();

    assertThat(Path.of(Files.readString(folder.resolve("worked-in")).strip())).doesNotExist();
  }

  private HeifTool.Outcome convert() {
    return convert(new HeifTool.Limits(600, 10));
  }

  private HeifTool.Outcome convert(HeifTool.Limits limits) {
    return new HeifTool(List.of(folder), limits).convert(new byte[8], SMALL);
  }

  private void decoder(String lines) throws IOException {
    Path script = Files.writeString(folder.resolve("heif-convert"), "#!/bin/sh\n" + lines + "\n");
    Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwxr-xr-x"));
  }
}
