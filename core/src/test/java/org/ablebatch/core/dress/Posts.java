package org.ablebatch.core.dress;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/** Plain subjects whose places are known to the pixel. */
final class Posts {
  static final int GREEN = 0xFF2E7D46;

  private Posts() {}

  /** A thin post in the middle of its picture. */
  static Dressable post() {
    Picture cutout = square(200, 200, new Rect(95, 40, 10, 120));
    return new Dressable(cutout, box(cutout));
  }

  static Standing standing(Dressable dressable) {
    return Dresser.standing(dressable, onFloor(List.of()), new Frame(400, 400));
  }

  static Look onFloor(List<Part> behind) {
    List<Part> parts = new ArrayList<>(behind);
    parts.add(
        new Part(
            "subject",
            "",
            true,
            new SubjectPlace(
                SubjectPlace.Size.HEIGHT,
                40,
                SubjectPlace.Stand.FLOOR,
                25,
                0,
                0,
                0,
                false,
                false)));
    return new Look(parts);
  }

  static Picture square(int width, int height, Rect part) {
    int[] argb = new int[width * height];
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        argb[y * width + x] = GREEN;
      }
    }
    return new Picture(width, height, argb);
  }

  static Rect box(Picture picture) {
    byte[] alpha = new byte[picture.argb().length];
    for (int i = 0; i < alpha.length; i++) {
      alpha[i] = (byte) (picture.argb()[i] >>> 24);
    }
    return new Matte(picture.width(), picture.height(), alpha).contentBox(128);
  }
}
