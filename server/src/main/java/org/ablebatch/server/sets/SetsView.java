package org.ablebatch.server.sets;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What codes and groups come to.
 *
 * @param pictures of the batch
 * @param withCode how many get a code
 * @param codes different codes
 * @param groups different groups with how many pictures, the largest first, at most 200
 * @param changed pictures whose code or group is another than now
 * @param examples a few pictures that differ in how they come out, at most 40
 * @param unmatched names in the list that no picture has, at most 40
 * @param unmatchedCount all names in the list that no picture has
 */
@Schema(name = "Sets")
record SetsView(
    int pictures,
    int withCode,
    int codes,
    List<GroupCount> groups,
    int changed,
    List<Example> examples,
    List<String> unmatched,
    int unmatchedCount) {

  @Schema(name = "GroupCount")
  record GroupCount(String group, int pictures) {}

  /**
   * @param parts of the name, as the pattern takes it apart; empty for a list
   */
  @Schema(name = "SetExample")
  record Example(
      long pictureId,
      String folder,
      String fileName,
      List<String> parts,
      String code,
      String group) {}
}
