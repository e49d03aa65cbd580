package org.ablebatch.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.ablebatch.server.AbleSettings;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RenditionStoreTest {
  private static final byte[] MOSS = "moss".getBytes(StandardCharsets.UTF_8);

  @TempDir private Path data;
  private RenditionStore store;

  @BeforeEach
  void open() {
    store = new RenditionStore(new AbleSettings(data, "", 0, List.of(), Duration.ofHours(1)));
  }

  @Test
  void whatWasPutIsFound() {
    assertThat(store.find(store.put(MOSS))).contains(MOSS);
  }

  @Test
  void whatIsNotThereHasToBeMadeAnew() {
    assertThat(store.find(Sha256.of(MOSS))).isEmpty();
  }

  @Test
  void whatALossOfPowerToreIsNotFoundAndCanBePutAgain() throws IOException {
    String name = store.put(MOSS);
    Files.write(
        data.resolve("renditions").resolve(name.substring(0, 2)).resolve(name), new byte[4]);

    assertThat(store.find(name)).isEmpty();
    assertThat(store.put(MOSS)).isEqualTo(name);
    assertThat(store.find(name)).contains(MOSS);
  }
}
