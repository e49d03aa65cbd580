package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class OpenApiTest {
  private static final Path COMMITTED = Path.of("..", "docs", "openapi.json");

  /**
   * The web's types are generated from the committed file. Refresh it with {@code mvn -pl server
   * -am test -Dtest=OpenApiTest -Dsurefire.failIfNoSpecifiedTests=false -Dopenapi.write}.
   */
  @Test
  void theCommittedDescriptionIsTheServersOwn(Api api) throws IOException {
    JsonMapper json = new JsonMapper();
    JsonNode served = api.get("/api/v1/openapi").body();
    if (System.getProperty("openapi.write") != null) {
      Files.writeString(
          COMMITTED, json.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
    }

    assertThat(json.readTree(Files.readString(COMMITTED))).isEqualTo(served);
  }
}
