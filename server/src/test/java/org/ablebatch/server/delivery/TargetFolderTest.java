package org.ablebatch.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.server.problem.BadInput;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TargetFolderTest {
  @TempDir private Path top;
  private Path root;

  @BeforeEach
  void aRootInsideOfOtherThings() throws IOException {
    root = Files.createDirectory(top.resolve("deliveries"));
    Files.createDirectory(top.resolve("private"));
  }

  @Test
  void filesAreThereWholeAndNothingElse() throws Exception {
    TargetFolder folder = TargetFolder.open(root, "spring/tools");

    folder.put("a.jpg", bytes("one"), WhenThere.SKIP);
    folder.overwrite("manifest.json", bytes("{}"));

    assertThat(names(root.resolve("spring/tools"))).containsExactly("a.jpg", "manifest.json");
    assertThat(folder.written()).isEqualTo(1);
  }

  @Test
  void whatIsThereIsKeptReplacedOrLeft() throws Exception {
    TargetFolder.open(root, "spring").put("a.jpg", bytes("old"), WhenThere.SKIP);

    TargetFolder skips = TargetFolder.open(root, "spring");
    skips.put("a.jpg", bytes("new"), WhenThere.SKIP);
    assertThat(read("spring/a.jpg")).isEqualTo("old");
    assertThat(skips.skipped()).isEqualTo(1);

    TargetFolder keeps = TargetFolder.open(root, "spring");
    keeps.put("a.jpg", bytes("new"), WhenThere.KEEP_BOTH);
    assertThat(read("spring/a.jpg")).isEqualTo("old");
    assertThat(read("spring/a-2.jpg")).isEqualTo("new");

    TargetFolder replaces = TargetFolder.open(root, "spring");
    replaces.put("a.jpg", bytes("newest"), WhenThere.REPLACE);
    replaces.put("a.jpg", bytes("newer still"), WhenThere.REPLACE);
    assertThat(read("spring/a.jpg")).isEqualTo("newer still");
    assertThat(read("spring/replaced/a.jpg")).isEqualTo("old");
    assertThat(read("spring/replaced/a-2.jpg")).isEqualTo("newest");
    assertThat(replaces.replaced()).isEqualTo(2);
  }

  @Test
  void doingItAgainAfterAnInterruptionChangesNothingThatIsThere() throws Exception {
    TargetFolder.open(root, "spring").put("a.jpg", bytes("one"), WhenThere.KEEP_BOTH);

    TargetFolder again = TargetFolder.open(root, "spring");
    again.put("a.jpg", bytes("one"), WhenThere.KEEP_BOTH);
    again.put("b.jpg", bytes("two"), WhenThere.KEEP_BOTH);

    assertThat(names(root.resolve("spring"))).containsExactly("a.jpg", "b.jpg");
    assertThat(again.skipped()).isEqualTo(1);
    assertThat(again.written()).isEqualTo(1);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "  ", ".", "..", "../private", "a/../../private", "/etc", "a\\b", "a\nb"})
  void aFolderAnywhereElseIsRefused(String name) {
    assertThatThrownBy(() -> TargetFolder.open(root, name)).isInstanceOf(BadInput.class);
    assertThat(top.resolve("private")).isEmptyDirectory();
  }

  @Test
  void aLinkThatLeadsOutIsRefused() throws Exception {
    Files.createSymbolicLink(root.resolve("out"), top.resolve("private"));

    assertThatThrownBy(() -> TargetFolder.open(root, "out/more")).isInstanceOf(BadInput.class);
    assertThat(top.resolve("private")).isEmptyDirectory();
  }

  @Test
  void theChoiceHasThreeNames() {
    assertThat(WhenThere.of("keep-both")).isEqualTo(WhenThere.KEEP_BOTH);
    assertThatThrownBy(() -> WhenThere.of("overwrite"))
        .hasMessageContaining("keep-both, replace or skip");
  }

  private String read(String path) throws IOException {
    return Files.readString(root.resolve(path));
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static List<String> names(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }
}
