package org.ablebatch.server;

import static org.ablebatch.server.Deliveries.CARD;
import static org.ablebatch.server.Deliveries.SQUARE;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ablebatch.server.storage.Sha256;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A download of a delivery that broke off goes on where it was. */
@ExtendWith(RunningServer.class)
class ZipInPartsTest {
  private final Api api;
  private final Deliveries deliveries;

  ZipInPartsTest(Api api) {
    this.api = api;
    this.deliveries = new Deliveries(api);
  }

  @Test
  void partsOfTheZipAreWhatTheWholeHasThere() throws Exception {
    long batch = api.newBatch("In parts");
    deliveries.passed(batch, "one.jpg", 0x804020);
    long delivery = deliveries.done(batch, "", SQUARE, CARD);
    String path = "/api/v1/deliveries/" + delivery + "/files.zip";

    HttpResponse<byte[]> whole = api.fetch(path);
    assertThat(whole.statusCode()).isEqualTo(200);
    assertThat(whole.headers().firstValue("Accept-Ranges")).hasValue("bytes");
    String tag = whole.headers().firstValue("ETag").orElseThrow();
    byte[] all = whole.body();

    HttpResponse<byte[]> rest = api.fetch(path, "Range", "bytes=500-", "If-Range", tag);
    assertThat(rest.statusCode()).isEqualTo(206);
    assertThat(rest.headers().firstValue("Content-Range"))
        .hasValue("bytes 500-" + (all.length - 1) + "/" + all.length);
    assertThat(rest.body()).isEqualTo(Arrays.copyOfRange(all, 500, all.length));
    assertThat(api.fetch(path, "Range", "bytes=-7").body())
        .isEqualTo(Arrays.copyOfRange(all, all.length - 7, all.length));

    // The rest of another file would not fit to what is there.
    HttpResponse<byte[]> other =
        api.fetch(path, "Range", "bytes=500-", "If-Range", "\"something else\"");
    assertThat(other.statusCode()).isEqualTo(200);
    assertThat(other.body()).isEqualTo(all);
    assertThat(api.fetch(path, "Range", "bytes=" + all.length + "-").statusCode()).isEqualTo(416);
    assertThat(api.fetch(path, "Range", "bytes=x-y").body()).isEqualTo(all);

    Map<String, String> sums = new TreeMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(all))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        sums.put(entry.getName(), Sha256.of(zip.readAllBytes()));
      }
    }
    deliveries
        .manifest(delivery)
        .get("files")
        .forEach(
            file ->
                assertThat(sums)
                    .containsEntry(file.get("name").asString(), file.get("sha256").asString()));
    assertThat(sums).containsKeys("manifest.json", "manifest.csv").hasSize(4);
  }
}
