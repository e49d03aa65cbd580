package org.ablebatch.codec.write;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LayerPicture;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.raster.Picture;

/**
 * OpenRaster 0.0.5: a ZIP whose first entry, not compressed, is its type; {@code stack.xml} names
 * the layers from the front to the back. Editors lay layers over each other in display values and
 * the look is laid in linear light, so soft shadows differ a little from the merged picture.
 */
final class OpenRaster {
  private static final String TYPE = "image/openraster";
  private static final String VERSION = "0.0.5";
  private static final int THUMBNAIL_PX = 256;

  /** Any that is always the same: the same layers have the same bytes at any time. */
  private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 2, 1, 0, 0);

  private OpenRaster() {}

  /**
   * @param layers back to front
   * @param merged all of them together
   */
  static byte[] of(List<LayerPicture> layers, Picture merged, FileExtras extras) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
      stored(zip, "mimetype", TYPE.getBytes(StandardCharsets.US_ASCII));
      put(zip, "stack.xml", stack(layers, merged, extras));
      for (int i = 0; i < layers.size(); i++) {
        put(zip, source(i), PictureWriter.png(layers.get(i).picture()));
      }
      put(zip, "mergedimage.png", PictureWriter.png(merged));
      put(zip, "Thumbnails/thumbnail.png", PictureWriter.png(thumbnail(merged)));
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    }
    return bytes.toByteArray();
  }

  private static String source(int i) {
    return "data/layer%02d.png".formatted(i);
  }

  private static byte[] stack(List<LayerPicture> layers, Picture merged, FileExtras extras) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("image");
      xml.writeAttribute("version", VERSION);
      xml.writeAttribute("w", String.valueOf(merged.width()));
      xml.writeAttribute("h", String.valueOf(merged.height()));
      if (extras.dpi() != null) {
        xml.writeAttribute("xres", extras.dpi().toString());
        xml.writeAttribute("yres", extras.dpi().toString());
      }
      xml.writeStartElement("stack");
      for (int i = layers.size() - 1; i >= 0; i--) {
        xml.writeEmptyElement("layer");
        xml.writeAttribute("name", XmlWords.of(layers.get(i).name()));
        xml.writeAttribute("src", source(i));
        xml.writeAttribute("x", "0");
        xml.writeAttribute("y", "0");
        xml.writeAttribute("opacity", "1.0");
        xml.writeAttribute("visibility", "visible");
        xml.writeAttribute("composite-op", "svg:src-over");
      }
      xml.writeEndElement();
      xml.writeEndElement();
      xml.writeEndDocument();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("writing XML to memory failed", e);
    }
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static Picture thumbnail(Picture merged) {
    double scale = Math.min(1, THUMBNAIL_PX / (double) Math.max(merged.width(), merged.height()));
    Frame frame =
        new Frame(
            (int) Math.max(1, Math.floor(scale * merged.width())),
            (int) Math.max(1, Math.floor(scale * merged.height())));
    return Resampling.into(frame, merged, new Placement(scale, 0, 0));
  }

  private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    write(zip, new ZipEntry(name), bytes);
  }

  private static void stored(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(bytes.length);
    CRC32 crc = new CRC32();
    crc.update(bytes);
    entry.setCrc(crc.getValue());
    write(zip, entry, bytes);
  }

  private static void write(ZipOutputStream zip, ZipEntry entry, byte[] bytes) throws IOException {
    // Not as a file time, which would need an extra field: the type's entry may have none.
    entry.setTimeLocal(NO_TIME);
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
  }
}
