package org.ablebatch.codec.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.icc.IccDirectory;
import com.drew.metadata.iptc.IptcDirectory;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.jpeg.JpegComponent;
import com.drew.metadata.jpeg.JpegDirectory;
import com.drew.metadata.png.PngDirectory;
import com.drew.metadata.xmp.XmpDirectory;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.Encoding.Chroma;
import org.ablebatch.core.deliver.Encoding.Palette;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.dress.DeepDressed;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.weight.Likeness;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files are read back by readers that are not ours. */
class EncodedFileTest {
  private static final FileWords WORDS =
      new FileWords(
          "Spade & fork, <set>",
          "Für Beete – with an ash handle",
          "Quillmoor Garden Works",
          "© Quillmoor",
          List.of("spade", "œuvre"));
  private static final FileExtras EXTRAS = new FileExtras(300, WORDS);

  private final Picture opaque = picture(60, 40, false);
  private final Picture clear = picture(60, 40, true);

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void pngKeepsEveryPixelItsDotsAndItsWords(boolean seeThrough) throws Exception {
    Picture picture = seeThrough ? clear : opaque;

    byte[] png = EncodedFile.of(picture, 0, new Encoding.Png(Palette.WHEN_EXACT), EXTRAS);

    assertThat(pixels(png)).isEqualTo(picture.argb());
    Metadata metadata = metadata(png);
    Directory dots =
        metadata.getDirectoriesOfType(PngDirectory.class).stream()
            .filter(d -> d.containsTag(PngDirectory.TAG_PIXELS_PER_UNIT_X))
            .findFirst()
            .orElseThrow();
    assertThat(dots.getInt(PngDirectory.TAG_PIXELS_PER_UNIT_X)).isEqualTo(11811);
    assertThat(metadata.getDirectoriesOfType(PngDirectory.class))
        .anyMatch(d -> d.containsTag(PngDirectory.TAG_SRGB_RENDERING_INTENT));
    assertXmp(metadata);
  }

  @Test
  void pngWithFewColoursHasAPaletteAndKeepsEveryPixel() throws Exception {
    Picture few =
        new Picture(
            40, 1, IntStream.range(0, 40).map(i -> i % 2 == 0 ? 0xFF203040 : 0x80405060).toArray());

    byte[] png = EncodedFile.of(few, 0, new Encoding.Png(Palette.WHEN_EXACT), FileExtras.NONE);

    assertThat(
            metadata(png)
                .getFirstDirectoryOfType(PngDirectory.class)
                .getInt(PngDirectory.TAG_COLOR_TYPE))
        .isEqualTo(3);
    assertThat(pixels(png)).isEqualTo(few.argb());
  }

  @Test
  void jpegSaysItsDotsItsProfileAndItsWords() throws Exception {
    byte[] jpeg = EncodedFile.of(opaque, 0, new Encoding.Jpeg(92, Chroma.HALF, false), EXTRAS);

    Metadata metadata = metadata(jpeg);
    JfifDirectory jfif = metadata.getFirstDirectoryOfType(JfifDirectory.class);
    assertThat(jfif.getResX()).isEqualTo(300);
    assertThat(jfif.getResY()).isEqualTo(300);
    assertThat(jfif.getResUnits()).isEqualTo(1);
    assertThat(metadata.getFirstDirectoryOfType(IccDirectory.class)).isNotNull();
    assertXmp(metadata);
    IptcDirectory iptc = metadata.getFirstDirectoryOfType(IptcDirectory.class);
    assertThat(iptc.getString(IptcDirectory.TAG_OBJECT_NAME)).isEqualTo(WORDS.title());
    assertThat(iptc.getString(IptcDirectory.TAG_CAPTION)).isEqualTo(WORDS.description());
    assertThat(iptc.getKeywords()).isEqualTo(WORDS.keywords());
    assertThat(metadata.hasErrors()).isFalse();
    assertThat(likeness(opaque, jpeg)).isGreaterThan(0.9);
  }

  /** Our own profile says what no profile says. */
  @Test
  void whatIsDeliveredComesBackAsItWasWritten() throws Exception {
    PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

    byte[] tiff = EncodedFile.of(clear, 0, new Encoding.Tiff(8), EXTRAS);
    byte[] webp = EncodedFile.of(opaque, 0, new Encoding.WebP(null), EXTRAS);

    assertThat(Arrays.equals(reader.read(tiff).picture().argb(), clear.argb())).isTrue();
    int[] seen = reader.read(webp).picture().argb();
    for (int i = 0; i < seen.length; i++) {
      assertNear(seen[i], opaque.argb()[i]);
    }
  }

  @Test
  void jpegKeepsAllOrHalfOfItsColours() throws Exception {
    byte[] half = EncodedFile.of(opaque, 0, new Encoding.Jpeg(90, Chroma.HALF, false), EXTRAS);
    byte[] full = EncodedFile.of(opaque, 0, new Encoding.Jpeg(90, Chroma.FULL, true), EXTRAS);

    assertThat(first(half).getHorizontalSamplingFactor()).isEqualTo(2);
    assertThat(first(full).getHorizontalSamplingFactor()).isEqualTo(1);
    assertThat(first(full).getVerticalSamplingFactor()).isEqualTo(1);
    assertThat(isProgressive(half)).isFalse();
    assertThat(isProgressive(full)).isTrue();
    assertThat(likeness(opaque, full)).isGreaterThan(0.9);
  }

  @Test
  void jpegWithoutWordsAndDotsSaysNothingOfThem() throws Exception {
    byte[] jpeg =
        EncodedFile.of(opaque, 0, new Encoding.Jpeg(80, Chroma.HALF, false), FileExtras.NONE);

    Metadata metadata = metadata(jpeg);
    assertThat(metadata.getFirstDirectoryOfType(JfifDirectory.class).getResUnits()).isZero();
    assertThat(metadata.getFirstDirectoryOfType(XmpDirectory.class)).isNull();
    assertThat(metadata.getFirstDirectoryOfType(IptcDirectory.class)).isNull();
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void webpKeepsTransparencyProfileAndWords(boolean lossless) throws Exception {
    byte[] webp = EncodedFile.of(clear, 0, new Encoding.WebP(lossless ? null : 90), EXTRAS);

    Metadata metadata = metadata(webp);
    assertThat(metadata.getFirstDirectoryOfType(IccDirectory.class)).isNotNull();
    assertXmp(metadata);
    int[] seen = samples(ImageIO.read(new ByteArrayInputStream(webp)));
    for (int i = 0; i < seen.length; i++) {
      assertThat(seen[i] >>> 24).isEqualTo(clear.argb()[i] >>> 24);
    }
    if (lossless) {
      for (int i = 0; i < seen.length; i++) {
        assertNear(seen[i] >>> 24 == 0 ? 0 : seen[i], clear.argb()[i]);
      }
    }
  }

  @Test
  void tiffKeepsEveryPixelItsDotsItsProfileAndItsWords() throws Exception {
    for (Picture picture : List.of(clear, opaque)) {
      byte[] tiff = EncodedFile.of(picture, 0, new Encoding.Tiff(8), EXTRAS);

      assertThat(Arrays.equals(byTwelveMonkeys(tiff), picture.argb())).isTrue();
      Metadata metadata = metadata(tiff);
      ExifIFD0Directory ifd = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
      assertThat(ifd.getInt(ExifIFD0Directory.TAG_X_RESOLUTION)).isEqualTo(300);
      assertThat(ifd.getInt(ExifIFD0Directory.TAG_RESOLUTION_UNIT)).isEqualTo(2);
      assertThat(metadata.getFirstDirectoryOfType(IccDirectory.class)).isNotNull();
      assertXmp(metadata);
    }
  }

  @Test
  void tiffWithSixteenBitsKeepsStepsThatEightDoNotHave() throws Exception {
    short[] rgba = {1000, 1001, 1002, (short) 0xFFFF, (short) 40_000, 0, 7, (short) 32_768};

    byte[] tiff = EncodedFile.of(new DeepDressed(2, 1, rgba), EXTRAS);

    BufferedImage image = ImageIO.read(new ByteArrayInputStream(tiff));
    int[] first = image.getRaster().getPixel(0, 0, (int[]) null);
    int[] second = image.getRaster().getPixel(1, 0, (int[]) null);
    assertThat(first).containsExactly(1000, 1001, 1002, 65_535);
    assertThat(second).containsExactly(40_000, 0, 7, 32_768);
  }

  @Test
  void gifHasAOneBitEdgeOnItsColour() throws Exception {
    Picture edge = new Picture(3, 1, new int[] {0xFF102030, 0x90FFFFFF, 0x40FFFFFF});

    byte[] gif = EncodedFile.of(edge, 0, new Encoding.Gif(new Colour(0x000000)), EXTRAS);

    int[] seen = pixels(gif);
    assertThat(seen[0]).isEqualTo(0xFF102030);
    assertThat(seen[1] >>> 24).isEqualTo(255);
    assertThat(seen[1] & 0xFF).as("half white on black").isBetween(150, 230);
    assertThat(seen[2] >>> 24).isZero();
  }

  @Test
  void aPageHasItsSizeItsBleedItsMarksAndItsPicture() throws Exception {
    Picture page = picture(1200 + 70, 900 + 70, false);
    Encoding.Pdf encoding = new Encoding.Pdf(null, true);

    byte[] pdf = EncodedFile.of(page, 35, encoding, EXTRAS);

    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDPage first = document.getPage(0);
      assertThat(first.getTrimBox().getWidth()).isCloseTo(288, within(0.01f));
      assertThat(first.getTrimBox().getHeight()).isCloseTo(216, within(0.01f));
      assertThat(first.getBleedBox().getWidth()).isCloseTo(288 + 2 * 8.4f, within(0.01f));
      assertThat(first.getMediaBox().getWidth())
          .isCloseTo(first.getBleedBox().getWidth() + 36, within(0.01f));
      assertThat(document.getDocumentInformation().getTitle()).isEqualTo(WORDS.title());
      assertThat(document.getDocumentCatalog().getMetadata()).isNotNull();
      assertThat(document.getDocumentCatalog().getOutputIntents()).hasSize(1);
      BufferedImage seen = new PDFRenderer(document).renderImageWithDPI(0, 300);
      assertThat(seen.getRGB(75 + 600, 75 + 400) & 0xFFFFFF)
          .isEqualTo(page.at(600, 400) & 0xFFFFFF);
      int markX = Math.round((18 + 8.4f) * 300 / 72);
      int darkest =
          IntStream.rangeClosed(markX - 2, markX + 2)
              .map(x -> seen.getRGB(x, 10) & 0xFF)
              .min()
              .orElseThrow();
      assertThat(darkest).as("a mark above the corner").isLessThan(200);
      assertThat(seen.getRGB(markX + 20, 10) & 0xFF).as("paper beside it").isEqualTo(255);
    }
    assertThat(EncodedFile.of(page, 35, encoding, EXTRAS)).as("the same bytes").isEqualTo(pdf);
  }

  @Test
  void aPageWithoutMarksIsItsBleed() throws Exception {
    byte[] pdf = EncodedFile.of(opaque, 0, new Encoding.Pdf(80, false), EXTRAS);

    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDPage page = document.getPage(0);
      assertThat(page.getMediaBox().getWidth()).isCloseTo(60 * 72 / 300f, within(0.01f));
      assertThat(page.getTrimBox().getWidth()).isEqualTo(page.getMediaBox().getWidth());
    }
  }

  @Test
  void avifIsReadAgainWhereTheEncoderIsInstalled() throws Exception {
    assumeTrue(AvifFile.isPossible());

    byte[] avif = EncodedFile.of(clear, 0, new Encoding.Avif(80), EXTRAS);

    Picture seen = new PictureReader(ReadLimits.DEFAULT).read(avif).picture();
    assertThat(seen.width()).isEqualTo(60);
    assertThat(Likeness.of(clear, seen)).isGreaterThan(0.9);
  }

  @Test
  void wordsThatNoXmlTakesAreWrittenWithoutThem() throws Exception {
    FileWords odd =
        new FileWords("bell\u0007 and half \uD83C", null, "x".repeat(500), null, List.of());

    byte[] jpeg =
        EncodedFile.of(
            opaque, 0, new Encoding.Jpeg(90, Chroma.HALF, false), new FileExtras(null, odd));

    Metadata metadata = metadata(jpeg);
    assertThat(metadata.hasErrors()).isFalse();
    assertThat(
            metadata
                .getFirstDirectoryOfType(XmpDirectory.class)
                .getXMPMeta()
                .getLocalizedText("http://purl.org/dc/elements/1.1/", "title", null, "x-default")
                .getValue())
        .isEqualTo("bell and half ");
    assertThat(
            metadata
                .getFirstDirectoryOfType(IptcDirectory.class)
                .getString(IptcDirectory.TAG_BY_LINE))
        .hasSize(32);
  }

  /** Some readers take every profile through their colour management, which rounds. */
  private static void assertNear(int seen, int expected) {
    for (int shift = 0; shift < 32; shift += 8) {
      assertThat(seen >>> shift & 0xFF).isCloseTo(expected >>> shift & 0xFF, within(1));
    }
  }

  private static void assertXmp(Metadata metadata) throws Exception {
    var xmp = metadata.getFirstDirectoryOfType(XmpDirectory.class).getXMPMeta();
    String dc = "http://purl.org/dc/elements/1.1/";
    assertThat(xmp.getLocalizedText(dc, "title", null, "x-default").getValue())
        .isEqualTo(WORDS.title());
    assertThat(xmp.getLocalizedText(dc, "rights", null, "x-default").getValue())
        .isEqualTo(WORDS.copyright());
    assertThat(xmp.getArrayItem(dc, "creator", 1).getValue()).isEqualTo(WORDS.author());
    assertThat(xmp.getArrayItem(dc, "subject", 2).getValue()).isEqualTo("œuvre");
  }

  private static Metadata metadata(byte[] file) throws Exception {
    return ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
  }

  private static JpegComponent first(byte[] jpeg) throws Exception {
    return metadata(jpeg).getFirstDirectoryOfType(JpegDirectory.class).getComponent(0);
  }

  /** Start of frame 2 instead of 0 (ITU-T T.81). */
  private static boolean isProgressive(byte[] jpeg) throws Exception {
    return metadata(jpeg)
            .getFirstDirectoryOfType(JpegDirectory.class)
            .getInt(JpegDirectory.TAG_COMPRESSION_TYPE)
        == 2;
  }

  private static double likeness(Picture picture, byte[] file) throws Exception {
    return Likeness.of(picture, new Picture(picture.width(), picture.height(), pixels(file)));
  }

  private static int[] pixels(byte[] file) throws Exception {
    return argb(ImageIO.read(new ByteArrayInputStream(file)));
  }

  private static int[] byTwelveMonkeys(byte[] tiff) throws Exception {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(tiff))) {
      var readers = ImageIO.getImageReadersByFormatName("tiff");
      while (readers.hasNext()) {
        ImageReader reader = readers.next();
        if (reader.getClass().getName().startsWith("com.twelvemonkeys")) {
          reader.setInput(in);
          return samples(reader.read(0));
        }
      }
    }
    throw new AssertionError("no second TIFF reader");
  }

  /** As they stand in the file: no colour management between. */
  private static int[] samples(BufferedImage image) {
    Raster raster = image.getRaster();
    int[] argb = new int[image.getWidth() * image.getHeight()];
    int[] pixel = new int[raster.getNumBands()];
    for (int i = 0; i < argb.length; i++) {
      raster.getPixel(i % image.getWidth(), i / image.getWidth(), pixel);
      int alpha = pixel.length == 4 ? pixel[3] : 255;
      argb[i] = alpha << 24 | pixel[0] << 16 | pixel[1] << 8 | pixel[2];
    }
    return argb;
  }

  private static int[] argb(BufferedImage image) {
    return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
  }

  private static Picture picture(int width, int height, boolean seeThrough) {
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      int x = i % width;
      int y = i / width;
      int alpha = seeThrough ? Math.min(255, 5 * x) : 255;
      argb[i] = alpha == 0 ? 0 : alpha << 24 | (x * 4 & 0xFF) << 16 | (y * 6 & 0xFF) << 8 | 120;
    }
    return new Picture(width, height, argb);
  }
}
