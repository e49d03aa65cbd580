package org.ablebatch.codec.write;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import org.ablebatch.core.cutline.CutLine;
import org.ablebatch.core.cutline.CutLineRules;
import org.ablebatch.core.cutline.Outline;
import org.ablebatch.core.raster.Picture;

/**
 * A cut line over its subject, for the screen: what is cut in ink, and what is too small for the
 * blade and left out, dashed.
 */
final class CutLineDrawing {
  private static final float LINE_PX = 2;
  private static final float[] DASHES = {5, 4};
  private static final Color CUT = new Color(0x1B2333);
  private static final Color LEFT_OUT = new Color(0x9C3B2C);

  private CutLineDrawing() {}

  /**
   * @param picture of the subject alone
   * @param mmPerPixel of it
   */
  static Picture of(Picture picture, CutLine line, CutLineRules rules, double mmPerPixel) {
    int width = picture.width();
    int height = picture.height();
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    image.setRGB(0, 0, width, height, picture.argb(), 0, width);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.scale(1 / mmPerPixel, 1 / mmPerPixel);
    float lineMm = (float) (LINE_PX * mmPerPixel);
    float[] dashesMm = {(float) (DASHES[0] * mmPerPixel), (float) (DASHES[1] * mmPerPixel)};
    if (line.dropped() + line.filled() > 0) {
      CutLineRules all = new CutLineRules(rules.offsetMm(), 0, CutLineRules.Small.KEEP, true);
      pen.setColor(LEFT_OUT);
      pen.setStroke(
          new BasicStroke(lineMm, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, dashesMm, 0));
      draw(pen, CutLine.of(EncodedFile.coverage(picture), mmPerPixel, all));
    }
    pen.setColor(CUT);
    pen.setStroke(new BasicStroke(lineMm));
    draw(pen, line);
    pen.dispose();
    return new Picture(width, height, image.getRGB(0, 0, width, height, null, 0, width));
  }

  private static void draw(Graphics2D pen, CutLine line) {
    line.outlines().forEach(outline -> pen.draw(path(outline)));
  }

  private static Path2D path(Outline outline) {
    Path2D path = new Path2D.Double();
    path.moveTo(outline.start().x(), outline.start().y());
    for (Outline.Piece piece : outline.pieces()) {
      if (piece.isStraight()) {
        path.lineTo(piece.end().x(), piece.end().y());
      } else {
        path.curveTo(
            piece.first().x(),
            piece.first().y(),
            piece.second().x(),
            piece.second().y(),
            piece.end().x(),
            piece.end().y());
      }
    }
    path.closePath();
    return path;
  }
}
