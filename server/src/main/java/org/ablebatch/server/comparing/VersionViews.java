package org.ablebatch.server.comparing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** What the API shows of versions and of what differs between two. */
final class VersionViews {
  private VersionViews() {}

  /**
   * A state of a picture's cutout.
   *
   * @param maker engine, hand or merged
   * @param method by which the engine cut it, or what it was mended from
   * @param worst label of its worst serious finding; null = none
   */
  @Schema(name = "Version")
  record VersionView(
      long id,
      int number,
      String maker,
      String method,
      int confidence,
      boolean current,
      String worst,
      String tellTale,
      Instant createdAt) {}

  /** A place where two versions differ, in pixels of the picture. */
  @Schema(name = "DifferingRegion")
  record RegionView(
      int x, int y, int width, int height, int area, double difference, boolean firstKeepsMore) {}

  /**
   * @param meanDifference of coverage, 0..1
   * @param share of the picture that differs visibly, 0..1
   * @param regions the largest first
   */
  @Schema(name = "VersionComparison")
  record ComparisonView(double meanDifference, double share, List<RegionView> regions) {}

  /**
   * @param into the version that stays elsewhere
   * @param from the version whose region is taken
   */
  @Schema(name = "TakeRegion")
  record TakeRequest(Long into, Long from, Integer x, Integer y, Integer width, Integer height) {}

  /**
   * @param revision the picture's revision that was looked at; may be left out
   */
  @Schema(name = "ChooseVersion")
  record ChooseRequest(Long versionId, Long revision) {}

  /** By its wire name. */
  @Schema(name = "CutBeside")
  record CutBesideRequest(String method) {}
}
