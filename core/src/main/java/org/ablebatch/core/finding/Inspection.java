package org.ablebatch.core.finding;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * What the detectors look at, all on one grid: what the photograph shows, what the cutout kept of
 * it, and what is to be expected on both sides of the outline. Colours are OKLab.
 *
 * @param picture the full size, to which boxes are carried
 * @param lab the photograph
 * @param cover coverage 0..1
 * @param kept at least half covered
 * @param clean the cutout's colours in linear light; meaningful where something is covered
 * @param behind the backdrop, carried from what was removed across what was kept
 * @param spread how far the backdrop varies around that, one standard deviation
 * @param shade position on the ray from black to the backdrop's colour; below 1 = darker
 * @param other how unlike the backdrop in any light: below 1 = could be backdrop
 * @param evidence above 0 = looks like subject, below 0 = like backdrop, about -2..2
 * @param edges length of the photograph's colour gradient
 */
public record Inspection(
    Rect picture,
    ColorPlanes lab,
    float[] cover,
    boolean[] kept,
    ColorPlanes clean,
    ColorPlanes behind,
    float[] spread,
    float[] shade,
    float[] other,
    float[] evidence,
    float[] edges,
    Expectations expectations) {

  /**
   * @param photograph full size, upright; unchanged
   * @param cutout of the same size
   */
  public static Inspection of(Picture photograph, Cutout cutout, Expectations expectations) {
    return of(PhotographReading.of(photograph), cutout, expectations);
  }

  /**
   * @param cutout of the photograph's size
   */
  public static Inspection of(
      PhotographReading photograph, Cutout cutout, Expectations expectations) {
    return InspectionReader.read(photograph, cutout, expectations);
  }

  public int width() {
    return lab.width();
  }

  public int height() {
    return lab.height();
  }

  public int size() {
    return cover.length;
  }

  /** Where on the grid the k-th pixel of a box lies, row by row. */
  public int at(Rect box, int k) {
    return (box.y() + k / box.width()) * width() + box.x() + k % box.width();
  }

  /** Grid pixels that are kept. */
  public int keptArea() {
    int area = 0;
    for (boolean one : kept) {
      area += one ? 1 : 0;
    }
    return area;
  }

  /** A box on the grid as one on the picture. */
  public Rect onPicture(Rect box) {
    return box.scaled(width(), height(), picture);
  }

  /** Full-size pixels in a number of grid pixels. */
  public long pixels(int gridArea) {
    return Math.round(gridArea * ((double) picture.width() * picture.height()) / size());
  }
}
