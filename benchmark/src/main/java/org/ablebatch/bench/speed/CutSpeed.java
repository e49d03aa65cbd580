package org.ablebatch.bench.speed;

import java.util.concurrent.TimeUnit;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.prior.LearnedPriors;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The whole way of a picture on a plain backdrop, its parts, and a plain decode and encode of the
 * same picture to hold it against.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx3g")
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
public class CutSpeed {
  /** Megapixels. */
  @Param({"1", "12", "48"})
  private int megapixels;

  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private byte[] jpeg;
  private Picture picture;
  private CutOutcome.Done done;

  @Setup
  public void prepare() {
    picture = SpeedPicture.of(megapixels);
    jpeg = PictureWriter.jpeg(picture, 92);
    done = (CutOutcome.Done) cutter.cut(picture, Method.AUTO, CutProgress.NONE);
  }

  @Benchmark
  public byte[] decodeAndEncode() throws UnreadablePicture {
    return PictureWriter.png(reader.read(jpeg).picture());
  }

  @Benchmark
  public byte[] decodeCutAndEncode() throws UnreadablePicture {
    Picture read = reader.read(jpeg).picture();
    CutOutcome outcome = cutter.cut(read, Method.AUTO, CutProgress.NONE);
    return PictureWriter.png(((CutOutcome.Done) outcome).cutout().toPicture());
  }

  @Benchmark
  public CutOutcome cut() {
    return cutter.cut(picture, Method.AUTO, CutProgress.NONE);
  }

  @Benchmark
  public Scene readTheScene() {
    return Scene.read(picture, Scene.READING_PIXELS, Priors.none());
  }

  @Benchmark
  public byte[] encodeTheCutout() {
    return PictureWriter.png(done.cutout().toPicture());
  }
}
