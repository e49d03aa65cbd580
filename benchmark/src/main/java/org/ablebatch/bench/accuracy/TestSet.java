package org.ablebatch.bench.accuracy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A folder of pictures with exact mattes and a {@code manifest.json} that lists them. */
public record TestSet(Path folder, List<Entry> entries) {

  /**
   * One picture of the set.
   *
   * @param backdrop group: plain, uneven, textured or busy
   * @param kind group: product, person, glass, ink or illustration
   */
  public record Entry(
      String name, String file, String matte, String backdrop, String kind, List<String> tags) {}

  public static TestSet in(Path folder) throws IOException {
    List<Entry> entries = new ArrayList<>();
    for (JsonNode node :
        new JsonMapper().readTree(Files.readString(folder.resolve("manifest.json")))) {
      List<String> tags = new ArrayList<>();
      node.get("tags").forEach(tag -> tags.add(tag.asString()));
      entries.add(
          new Entry(
              node.get("name").asString(),
              node.get("file").asString(),
              node.get("matte").asString(),
              node.get("backdrop").asString(),
              node.get("kind").asString(),
              tags));
    }
    return new TestSet(folder, entries);
  }

  public Picture picture(Entry entry) throws IOException, UnreadablePicture {
    return read(entry.file());
  }

  public Matte truth(Entry entry) throws IOException, UnreadablePicture {
    Picture grey = read(entry.matte());
    byte[] coverage = new byte[grey.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) grey.argb()[i];
    }
    return new Matte(grey.width(), grey.height(), coverage);
  }

  private Picture read(String file) throws IOException, UnreadablePicture {
    return new PictureReader(ReadLimits.DEFAULT)
        .read(Files.readAllBytes(folder.resolve(file)))
        .picture();
  }
}
