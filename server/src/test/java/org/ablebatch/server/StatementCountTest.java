package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a page costs the database does not depend on how many pictures it shows. */
@Isolated("Counts what all requests ask of the database.")
@ExtendWith(RunningServer.class)
class StatementCountTest {
  private static final int FEW = 2;
  private static final int MANY = 24;
  private final Api api;

  StatementCountTest(Api api) {
    this.api = api;
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "/pictures?size=1000",
        "/removed",
        "/run",
        "/strip",
        "/uploads",
        "/specs",
        "/deliveries"
      })
  void pagesOfABatchAskTheSameOfTheDatabaseWhateverItsSize(String page) {
    long few = filled("Few" + page, FEW);
    long many = filled("Many" + page, MANY);

    long forFew = statements("/api/v1/batches/" + few + page);
    long forMany = statements("/api/v1/batches/" + many + page);

    assertThat(forMany).isEqualTo(forFew).isBetween(1L, 12L);
  }

  @Test
  void theFloorAsksTheSameWhateverTheNumberOfBatches() {
    filled("One more", FEW);
    long before = statements("/api/v1/batches");
    filled("And another", FEW);

    assertThat(statements("/api/v1/batches")).isEqualTo(before);
  }

  @Test
  void aPreflightAsksTheSameWhateverItsSize() {
    String specs =
        "{\"specs\": [{\"name\": \"x\", \"width\": 40, \"height\": 40, \"format\": \"PNG\"}]}";
    long few = whole(filled("Few to deliver", FEW));
    long many = whole(filled("Many to deliver", MANY));

    long before = CountedStatements.count();
    api.post("/api/v1/batches/" + few + "/preflight", specs);
    long forFew = CountedStatements.count() - before;
    api.post("/api/v1/batches/" + many + "/preflight", specs);

    assertThat(CountedStatements.count() - before - forFew).isEqualTo(forFew).isPositive();
  }

  private long statements(String path) {
    long before = CountedStatements.count();
    assertThat(api.get(path).status()).isEqualTo(200);
    return CountedStatements.count() - before;
  }

  private long whole(long batch) {
    List<Long> ids = api.pictures(batch).stream().map(p -> p.get("id").asLong()).toList();
    api.act(batch, "leave-whole", ids, "");
    return batch;
  }

  private long filled(String name, int count) {
    long batch = api.newBatch(name.replaceAll("\\W", " "));
    UploadedFile[] files = new UploadedFile[count];
    for (int i = 0; i < count; i++) {
      files[i] =
          new UploadedFile(
              "p" + i + ".jpg", TestPictures.discJpeg(24, 20, 0x200000 + (int) batch * 32 + i));
    }
    api.upload(batch, files);
    return batch;
  }
}
