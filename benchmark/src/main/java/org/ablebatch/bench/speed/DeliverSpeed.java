package org.ablebatch.bench.speed;

import java.util.concurrent.TimeUnit;
import org.ablebatch.codec.deliver.FileMaker;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.deliver.Fit;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.deliver.SpecSize;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.naming.NameRules;
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
 * Files of 2,000 × 2,000 on white: as JPEG, under a most of bytes, and beside a plain decode,
 * resize and encode of the same photograph.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1500m")
@Warmup(iterations = 2, time = 4)
@Measurement(iterations = 5, time = 4)
public class DeliverSpeed {
  private static final int SIDE_PX = 2000;
  private static final int QUALITY = 90;
  private static final Look WHITE = Look.plain(Fill.Solid.WHITE, 8);
  private static final Encoding JPEG = new Encoding.Jpeg(QUALITY, Encoding.Chroma.HALF, false);

  /** Megapixels. */
  @Param({"12"})
  private int megapixels;

  private final FileMaker maker = new FileMaker(new Dresser(Supplies.none()));
  private SpeedCutout cutout;
  private Spec half;

  @Setup
  public void prepare() throws UnreadablePicture {
    cutout = SpeedCutout.of(megapixels, QUALITY);
    half = spec(new WeightLimit(file().length / 2, 0.5, false));
  }

  private static Spec spec(WeightLimit weight) {
    return new Spec(
        "Speed",
        new SpecSize.Pixels(SIDE_PX, SIDE_PX, null),
        Fit.BY_LOOK,
        true,
        JPEG,
        weight,
        null,
        null,
        Spec.DEFAULT_NAME,
        NameRules.DEFAULT);
  }

  @Benchmark
  public byte[] file() throws UnreadablePicture {
    return make(spec(null));
  }

  /** Half of the bytes of {@link #file}: tries, and the likeness of what fits. */
  @Benchmark
  public byte[] fileUnderHalfTheWeight() throws UnreadablePicture {
    return make(half);
  }

  private byte[] make(Spec spec) throws UnreadablePicture {
    return maker.make(cutout.read(Labels.NONE), spec, WHITE, false, FileWords.NONE).bytes();
  }

  /** To hold files against. */
  @Benchmark
  public byte[] fileAlone() throws UnreadablePicture {
    return PictureWriter.jpeg(SpeedPicture.resized(cutout.photograph(), SIDE_PX), QUALITY);
  }
}
