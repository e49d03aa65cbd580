package org.ablebatch.codec.deliver;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import org.ablebatch.core.raster.Picture;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class ContactSheetTest {
  @Test
  void everyPictureIsOnAPageWithItsCodeAndItsName() throws Exception {
    byte[] pdf;
    try (ContactSheet sheet = new ContactSheet("Spring tools", 12)) {
      for (int i = 1; i <= 13; i++) {
        sheet.add(even(60, 40, 0xFF2E7D46), i == 13 ? null : "QG-" + i, "spade " + i + ".jpg");
      }
      pdf = sheet.bytes();
    }

    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(2);
      PDFTextStripper text = new PDFTextStripper();
      text.setEndPage(1);
      assertThat(text.getText(document))
          .contains("Spring tools", "QG-1", "QG-12", "spade 12.jpg")
          .doesNotContain("spade 13.jpg");
      text.setStartPage(2);
      text.setEndPage(2);
      assertThat(text.getText(document)).contains("spade 13.jpg", "–");
      BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 72);
      int green = 0;
      for (int rgb :
          page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth())) {
        green += (rgb >> 8 & 0xFF) > (rgb >> 16 & 0xFF) + 40 ? 1 : 0;
      }
      assertThat(green).as("pixels of twelve pictures").isGreaterThan(40_000);
    }
  }

  @Test
  void anyLettersAndAnyLengthAreTaken() throws Exception {
    try (ContactSheet sheet = new ContactSheet("Größe, Ζεύς и 花 🌿", 1)) {
      sheet.add(even(8, 8, 0x80FF0000), "x".repeat(500), "name\u0007 ".repeat(100));
      try (PDDocument document = Loader.loadPDF(sheet.bytes())) {
        String text = new PDFTextStripper().getText(document);
        assertThat(text).contains("Größe, Ζεύς и ? ?").contains("xxx…");
      }
    }
  }

  @Test
  void withoutPicturesThereIsAnEmptyPage() throws Exception {
    try (ContactSheet sheet = new ContactSheet("Nothing", 12);
        PDDocument document = Loader.loadPDF(sheet.bytes())) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
    }
  }

  private static Picture even(int width, int height, int argb) {
    int[] pixels = new int[width * height];
    Arrays.fill(pixels, argb);
    return new Picture(width, height, pixels);
  }
}
