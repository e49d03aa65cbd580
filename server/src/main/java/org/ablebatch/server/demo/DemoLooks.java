package org.ablebatch.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.ablebatch.codec.list.SetListFile;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.look.LookService;
import org.ablebatch.server.sets.SetsService;
import org.springframework.stereotype.Component;

/** The looks of the demo, and the lists that its texts are read from. */
@Component
class DemoLooks {
  private final AbleSettings settings;
  private final LookService looks;
  private final BatchService batches;
  private final SetsService sets;

  DemoLooks(AbleSettings settings, LookService looks, BatchService batches, SetsService sets) {
    this.settings = settings;
    this.looks = looks;
    this.batches = batches;
    this.sets = sets;
  }

  /**
   * The batch uses a look from the demo's folder {@code looks}.
   *
   * @throws IOException when it can't be read
   */
  void give(long batch, String look) throws IOException {
    LookFile file = LookFile.read(read("looks", look + ".json"));
    batches.useLook(batch, looks.keepOnce(file.name(), file.look()));
  }

  /**
   * What a list from the demo's folder {@code lists} says of a batch's pictures.
   *
   * @throws IOException when it can't be read
   */
  void say(long batch, String list) throws IOException {
    sets.byList(batch, SetListFile.read(read("lists", list + ".csv")), true);
  }

  private byte[] read(String folder, String file) throws IOException {
    return Files.readAllBytes(Path.of(settings.demo(), folder, file));
  }
}
