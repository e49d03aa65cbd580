package org.ablebatch.server.upload;

import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.check.Sharpness;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.scene.SceneFacts;
import org.ablebatch.server.storage.Renditions;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads a made-up photograph once after the start, so that the first one that somebody drops does
 * not wait until the decoders have been loaded.
 */
@Component
class WarmUp {
  private static final int WIDTH = 640;
  private static final int HEIGHT = 480;
  private static final int QUALITY = 80;
  private static final int TIMES = 3;
  private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    Thread thread = new Thread(WarmUp::read, "warm-up");
    thread.setDaemon(true);
    thread.start();
  }

  private static void read() {
    byte[] file = PictureWriter.jpeg(scene(), QUALITY);
    PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
    try {
      for (int i = 0; i < TIMES; i++) {
        Picture preview = Renditions.reduced(reader.read(file).picture());
        Renditions.thumbnail(preview);
        Renditions.preview(preview);
        Sharpness.of(preview);
        SceneFacts.of(preview);
      }
    } catch (UnreadablePicture e) {
      LOG.debug("the made-up photograph could not be read", e);
    }
  }

  private static Picture scene() {
    int[] argb = new int[WIDTH * HEIGHT];
    for (int i = 0; i < argb.length; i++) {
      int x = i % WIDTH;
      int y = i / WIDTH;
      boolean in = Math.hypot(x - WIDTH / 2.0, y - HEIGHT / 2.0) < HEIGHT / 3.0;
      argb[i] = 0xFF000000 | (in ? 0x305028 + (x & 15) : 0xD8D4CC + (y & 7));
    }
    return new Picture(WIDTH, HEIGHT, argb);
  }
}
