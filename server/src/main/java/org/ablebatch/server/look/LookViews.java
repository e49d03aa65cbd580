package org.ablebatch.server.look;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.codec.look.LookFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Looks as the API shows them. */
public final class LookViews {
  private static final JsonMapper JSON = new JsonMapper();

  private LookViews() {}

  /**
   * A look on the shelf.
   *
   * @param versionId its newest version
   * @param revision counts the saves; whoever saves gives back what it was
   * @param parts as in a look file
   */
  @Schema(name = "KeptLook")
  public record LookView(
      long id,
      String name,
      long versionId,
      int version,
      long revision,
      @Schema(type = "array", implementation = Object.class) JsonNode parts) {
    public static LookView of(LookVersion version) {
      return new LookView(
          version.kept().id(),
          version.kept().name(),
          version.id(),
          version.number(),
          version.kept().revision(),
          JSON.readTree(version.parts()));
    }
  }

  static List<LookView> of(List<LookVersion> versions) {
    return versions.stream().map(LookView::of).toList();
  }

  static byte[] file(LookVersion version) {
    return new LookFile(version.kept().name(), version.look()).write();
  }
}
