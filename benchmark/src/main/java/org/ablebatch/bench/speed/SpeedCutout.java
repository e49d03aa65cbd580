package org.ablebatch.bench.speed;

import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * The picture that speeds are measured with, cut out, as the server keeps it.
 *
 * @param jpeg the photograph
 * @param content the subject's measured box
 */
record SpeedCutout(byte[] jpeg, byte[] mattePng, byte[] edgePng, Rect content) {
  private static final int CONTENT_FROM = 13;
  private static final PictureReader READER = new PictureReader(ReadLimits.DEFAULT);

  static SpeedCutout of(int megapixels, int quality) {
    Picture picture = SpeedPicture.of(megapixels);
    Cutter cutter = new Cutter(Priors.none());
    CutOutcome.Done done = (CutOutcome.Done) cutter.cut(picture, Method.AUTO, CutProgress.NONE);
    return new SpeedCutout(
        PictureWriter.jpeg(picture, quality),
        PictureWriter.mattePng(done.cutout().matte()),
        PictureWriter.png(done.cutout().edgeColours(picture)),
        done.cutout().matte().contentBox(CONTENT_FROM));
  }

  Picture photograph() throws UnreadablePicture {
    return READER.read(jpeg).picture();
  }

  /** Read anew from all three files. */
  Dressable read(Labels labels) throws UnreadablePicture {
    Matte matte = READER.readMatte(mattePng);
    Picture cutout = Cutout.picture(photograph(), matte, READER.read(edgePng).picture());
    return new Dressable(cutout, content, null, labels);
  }
}
