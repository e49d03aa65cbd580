package org.ablebatch.codec.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.ablebatch.codec.deliver.FileMaker.Made;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.write.CannotWrite;
import org.ablebatch.core.cutline.CutLineRules;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.Encoding.Chroma;
import org.ablebatch.core.deliver.Encoding.Palette;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.deliver.Fit;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.deliver.SpecSize;
import org.ablebatch.core.deliver.Unit;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.naming.NameRules;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class FileMakerTest {
  private static final Look LOOK =
      new Look(
          List.of(
              new Part("wall", "Wall & floor", true, new Backdrop(new Fill.Solid(0xE9E0CE))),
              new Part("shade", "Shade", true, CastShadow.DEFAULT),
              new Part("subject", "Subject", true, SubjectPlace.within(20))));

  private final FileMaker maker = new FileMaker(new Dresser(Supplies.none()));
  private final Dressable picture = dressable();

  @Test
  void theMostBytesAreMetWithTheLikenessThatWasReached() throws Exception {
    Spec free = exact(new Encoding.Jpeg(95, Chroma.FULL, false), null);
    int whole = make(free).bytes().length;
    Spec bound =
        exact(new Encoding.Jpeg(95, Chroma.FULL, false), new WeightLimit(whole / 2, 0.5, false));

    Made made = make(bound);

    assertThat(made.bytes().length).isBetween(whole / 5, whole / 2);
    assertThat(made.quality()).isLessThan(95);
    assertThat(made.likeness()).isBetween(0.5, 1.0);
    assertThat(read(made).width()).isEqualTo(300);
  }

  @Test
  void whatCanNotBeMetSaysHowNearItComes() {
    Spec spec = exact(new Encoding.Png(Palette.NEVER), new WeightLimit(1000, 0.9, false));

    assertThatThrownBy(() -> make(spec))
        .isInstanceOf(CannotWrite.class)
        .hasMessageMatching("[\\d,]+ bytes at best, 1,000 allowed \\(likeness 1\\.000\\)");
  }

  @Test
  void whereItMayThePictureBecomesSmaller() throws Exception {
    Spec spec = exact(new Encoding.Png(Palette.NEVER), new WeightLimit(20_000, 0.9, true));

    Made made = make(spec);

    assertThat(made.bytes()).hasSizeLessThanOrEqualTo(20_000);
    assertThat(made.width()).isLessThan(300);
    assertThat(read(made).width()).isEqualTo(made.width());
  }

  @Test
  void aPrintHasItsFinishedSizeAndItsBleed() throws Exception {
    Spec spec = spec(new SpecSize.Print(2, 1, Unit.INCH, 100, 5.08), new Encoding.Tiff(8), null);

    Made made = make(spec);

    assertThat(new int[] {made.width(), made.height()}).containsExactly(240, 140);
    Picture seen = read(made);
    assertThat(seen.at(19, 70)).as("mirrored at the edge").isEqualTo(seen.at(20, 70));
    assertThat(seen.at(0, 70)).isEqualTo(seen.at(39, 70));
  }

  @Test
  void aMatteIsTheSubjectsCoverageInItsPlace() throws Exception {
    Spec spec = spec(new SpecSize.Original(null, null), new Encoding.Matte(), null);

    Picture matte = read(make(spec));

    for (int i = 0; i < matte.argb().length; i++) {
      assertThat(matte.argb()[i] & 0xFF).isEqualTo(picture.cutout().argb()[i] >>> 24);
    }
  }

  @Test
  void layersAreReadAgainAndMakeThePictureTogether() throws Exception {
    Spec spec = spec(new SpecSize.Pixels(120, 90, null), new Encoding.Layers(), null);

    byte[] ora = make(spec).bytes();

    Map<String, byte[]> entries = unzip(ora);
    assertThat(entries.keySet().iterator().next()).isEqualTo("mimetype");
    assertThat(new String(ora, 30, 8 + 16, java.nio.charset.StandardCharsets.US_ASCII))
        .as("its type stands at the beginning, not compressed")
        .isEqualTo("mimetypeimage/openraster");
    Element image =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(entries.get("stack.xml")))
            .getDocumentElement();
    assertThat(image.getAttribute("w")).isEqualTo("120");
    NodeList layers = image.getElementsByTagName("layer");
    assertThat(layers.getLength()).isEqualTo(3);
    assertThat(name(layers, 0)).isEqualTo("Subject");
    assertThat(name(layers, 2)).isEqualTo("Wall & floor");
    Picture merged = read(entries.get("mergedimage.png"));
    Picture wall = read(entries.get(source(layers, 2)));
    Picture subject = read(entries.get(source(layers, 0)));
    assertThat(merged.at(1, 1)).isEqualTo(wall.at(1, 1)).isEqualTo(0xFFE9E0CE);
    assertThat(merged.at(60, 45)).isEqualTo(subject.at(60, 45));
    assertThat(subject.at(1, 1) >>> 24).isZero();
    assertThat(read(entries.get("Thumbnails/thumbnail.png")).width()).isLessThanOrEqualTo(256);
    assertThat(make(spec).bytes()).as("the same bytes").isEqualTo(ora);
  }

  @Test
  void aCutLineIsInMillimetresOnItsSheet() throws Exception {
    CutLineRules rules = new CutLineRules(2, 1, CutLineRules.Small.JOIN, false);
    Spec spec =
        spec(
            new SpecSize.Print(60, 50, Unit.MILLIMETRE, 127, 3), new Encoding.CutLine(rules), null);

    byte[] svg = make(spec).bytes();

    Element root =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg))
            .getDocumentElement();
    assertThat(root.getAttribute("width")).isEqualTo("66mm");
    assertThat(root.getAttribute("viewBox")).isEqualTo("0 0 66 56");
    NodeList paths = root.getElementsByTagName("path");
    assertThat(paths.getLength()).isEqualTo(1);
    double[] xs =
        Arrays.stream(((Element) paths.item(0)).getAttribute("d").split("[A-Z]"))
            .filter(piece -> !piece.isBlank())
            .mapToDouble(piece -> Double.parseDouble(piece.strip().split(" ")[0]))
            .toArray();
    // The bar is 80 × 60 and stands in the middle, a fifth of the shorter side from the edges.
    double half = 20 + 2;
    assertThat(Arrays.stream(xs).min().orElseThrow()).isCloseTo(33 - half, within(0.35));
    assertThat(Arrays.stream(xs).max().orElseThrow()).isCloseTo(33 + half, within(0.35));
  }

  @Test
  void aPreviewShowsWhatTheFileWillShow() throws Exception {
    Spec spec = spec(new SpecSize.Trimmed(10, null, null), new Encoding.Png(Palette.NEVER), null);

    Picture file = read(make(spec));
    Picture preview = maker.preview(picture, picture.measures(), spec, LOOK, 50);

    assertThat(preview.width()).isEqualTo(50);
    double scale = 50.0 / file.width();
    assertThat(preview.height() / scale).isCloseTo(file.height(), within(2.0));
    assertThat(preview.at(25, preview.height() / 2) & 0xFF)
        .isCloseTo(file.at(file.width() / 2, file.height() / 2) & 0xFF, within(6));
  }

  private Made make(Spec spec) {
    return maker.make(picture, spec, LOOK, false, FileWords.NONE);
  }

  private static Spec exact(Encoding encoding, WeightLimit weight) {
    return spec(new SpecSize.Pixels(300, 240, null), encoding, weight);
  }

  private static Spec spec(SpecSize size, Encoding encoding, WeightLimit weight) {
    return new Spec(
        "A",
        size,
        Fit.BY_LOOK,
        true,
        encoding,
        weight,
        null,
        null,
        Spec.DEFAULT_NAME,
        NameRules.DEFAULT);
  }

  private static Picture read(Made made) throws Exception {
    return read(made.bytes());
  }

  private static Picture read(byte[] file) throws Exception {
    return new PictureReader(ReadLimits.DEFAULT).read(file).picture();
  }

  private static String name(NodeList layers, int i) {
    return ((Element) layers.item(i)).getAttribute("name");
  }

  private static String source(NodeList layers, int i) {
    return ((Element) layers.item(i)).getAttribute("src");
  }

  private static Map<String, byte[]> unzip(byte[] zip) throws Exception {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        entries.put(entry.getName(), in.readAllBytes());
      }
    }
    return entries;
  }

  /** A bar with a soft edge and a texture. */
  private static Dressable dressable() {
    int w = 160;
    int h = 120;
    int[] argb = new int[w * h];
    for (int y = 30; y < 90; y++) {
      Arrays.fill(argb, y * w + 40, y * w + 120, 0);
      for (int x = 40; x < 120; x++) {
        int alpha = x == 40 || x == 119 ? 128 : 255;
        argb[y * w + x] = alpha << 24 | (x * 5 & 0xFF) << 16 | (y * 7 & 0xFF) << 8 | x + y;
      }
    }
    return new Dressable(new Picture(w, h, argb), new Rect(40, 30, 80, 60), null, Labels.NONE);
  }
}
