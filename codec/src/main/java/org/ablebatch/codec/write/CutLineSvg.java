package org.ablebatch.codec.write;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.ablebatch.core.cutline.CutLine;
import org.ablebatch.core.cutline.Outline;
import org.ablebatch.core.cutline.Point;

/** A cut line as SVG 1.1: one user unit is one millimetre, nothing is filled. */
final class CutLineSvg {
  private static final String SVG = "http://www.w3.org/2000/svg";

  /** Thin enough that a cutter takes it for a line and thick enough to be seen. */
  private static final String HAIRLINE_MM = "0.1";

  private CutLineSvg() {}

  /**
   * @param widthMm of the sheet
   * @param heightMm of the sheet
   */
  static byte[] of(CutLine line, double widthMm, double heightMm) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("svg");
      xml.writeDefaultNamespace(SVG);
      xml.writeAttribute("width", number(widthMm) + "mm");
      xml.writeAttribute("height", number(heightMm) + "mm");
      xml.writeAttribute("viewBox", "0 0 " + number(widthMm) + " " + number(heightMm));
      xml.writeStartElement("g");
      xml.writeAttribute("id", "cut-line");
      xml.writeAttribute("fill", "none");
      xml.writeAttribute("stroke", "#000000");
      xml.writeAttribute("stroke-width", HAIRLINE_MM);
      for (Outline outline : line.outlines()) {
        xml.writeEmptyElement("path");
        xml.writeAttribute("class", outline.hole() ? "hole" : "part");
        xml.writeAttribute("d", data(outline));
      }
      xml.writeEndElement();
      xml.writeEndElement();
      xml.writeEndDocument();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("writing XML to memory failed", e);
    }
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static String data(Outline outline) {
    StringBuilder data = new StringBuilder("M ").append(point(outline.start()));
    for (Outline.Piece piece : outline.pieces()) {
      if (piece.isStraight()) {
        data.append(" L ").append(point(piece.end()));
      } else {
        data.append(" C ")
            .append(point(piece.first()))
            .append(' ')
            .append(point(piece.second()))
            .append(' ')
            .append(point(piece.end()));
      }
    }
    return data.append(" Z").toString();
  }

  private static String point(Point p) {
    return number(p.x()) + " " + number(p.y());
  }

  /** To a thousandth of a millimetre. */
  private static String number(double value) {
    String text = String.format(Locale.ROOT, "%.3f", value);
    String brief = text.replaceAll("\\.?0+$", "");
    return brief.equals("-0") ? "0" : brief;
  }
}
