package org.ablebatch.bench.speed;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.ablebatch.codec.lettering.ShippedLetters;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.LetterSetter;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.Box;
import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.ContactShadow;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.look.TypeFamily;
import org.ablebatch.core.look.Word;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
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
 * A look with a sweep, shadows, tone and text: as a preview, six of them, delivered, and as a print
 * of 100 megapixels; beside a plain decode, resize and encode of the same picture.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx1500m")
@Warmup(iterations = 2, time = 4)
@Measurement(iterations = 5, time = 4)
public class DressSpeed {
  private static final int PREVIEW_PX = 1000;
  private static final int REDUCED_PX = 1600;
  private static final int DELIVERED_PX = 2000;
  private static final int PRINT_PX = 10_000;
  private static final int QUALITY = 92;
  private static final int CONTENT_FROM = 13;
  private static final Labels LABELS = new Labels("disc.jpg", "QG-214", null, java.util.Map.of());

  /** Megapixels. */
  @Param({"12"})
  private int megapixels;

  private final Dresser dresser = new Dresser(new Shipped());
  private final Look look = look();
  private SpeedCutout cutout;
  private Picture reduced;
  private Rect reducedContent;

  /** The shipped letters; this look has no pictures. */
  private static final class Shipped implements Supplies {
    private final LetterSetter letters = new ShippedLetters();

    @Override
    public Optional<Picture> picture(String name) {
      return Optional.empty();
    }

    @Override
    public LetterSetter letters() {
      return letters;
    }
  }

  @Setup
  public void prepare() throws UnreadablePicture {
    cutout = SpeedCutout.of(megapixels, QUALITY);
    Picture whole = cutout.read(LABELS).cutout();
    double scale = REDUCED_PX / (double) whole.width();
    reduced = Resampling.stretched(whole, REDUCED_PX, (int) Math.round(scale * whole.height()));
    reducedContent = coverage(reduced).contentBox(CONTENT_FROM);
  }

  private static Look look() {
    Lettering text =
        new Lettering(
            List.of(new Word.Code(), new Word.Fixed(", red disc with a handle")),
            new Box(6, 86, 88, 8),
            TypeFamily.ATKINSON,
            true,
            5,
            2.4,
            new Colour(0x3A2C1E),
            Lettering.Across.LEFT,
            Lettering.Down.TOP,
            115,
            0,
            100,
            false,
            null);
    SubjectPlace place =
        new SubjectPlace(
            SubjectPlace.Size.WIDTH, 62, SubjectPlace.Stand.FLOOR, 20, 0, 0, 0, false, true);
    Fill sweep = new Fill.Sweep(new Colour(0xE9E0CE), new Colour(0xD3C2A2), 14, 22);
    return new Look(
        List.of(
            new Part("backdrop", "", true, new Backdrop(sweep)),
            new Part("cast", "", true, CastShadow.DEFAULT),
            new Part("contact", "", true, ContactShadow.DEFAULT),
            new Part("subject", "", true, place),
            new Part("tone", "", true, new Tone(5, 10, 8, 5, 0, 10, 0, null)),
            new Part("text", "", true, text)));
  }

  private Dressable fresh() {
    return new Dressable(reduced, reducedContent, null, LABELS);
  }

  private static Matte coverage(Picture cutout) {
    byte[] coverage = new byte[cutout.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) (cutout.argb()[i] >>> 24);
    }
    return new Matte(cutout.width(), cutout.height(), coverage);
  }

  @Benchmark
  public byte[] preview() {
    return PictureWriter.quickPng(dresser.dress(fresh(), look, new Frame(PREVIEW_PX, PREVIEW_PX)));
  }

  @Benchmark
  public int sixPreviews() {
    int bytes = 0;
    for (int i = 0; i < 6; i++) {
      bytes += preview().length;
    }
    return bytes;
  }

  @Benchmark
  public byte[] delivery() throws UnreadablePicture {
    Frame frame = new Frame(DELIVERED_PX, DELIVERED_PX);
    Picture dressed = dresser.dressSharpened(cutout.read(LABELS), look, frame);
    return PictureWriter.jpeg(dressed, QUALITY);
  }

  /** To hold delivery against: the same file, the same size, nothing dressed. */
  @Benchmark
  public byte[] decodeResizeAndEncode() throws UnreadablePicture {
    return PictureWriter.jpeg(SpeedPicture.resized(cutout.photograph(), DELIVERED_PX), QUALITY);
  }

  /** Fits into the 1.5 GB of this benchmark's process. */
  @Benchmark
  public int print() {
    return dresser.dress(fresh(), look, new Frame(PRINT_PX, PRINT_PX)).argb().length;
  }
}
