package org.ablebatch.codec.write;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.ablebatch.core.deliver.FileWords;

/** Words as an XMP packet (ISO 16684-1), with the Dublin Core properties that readers show. */
final class Xmp {
  private static final String X = "adobe:ns:meta/";
  private static final String RDF = "http://www.w3.org/1999/02/22-rdf-syntax-ns#";
  private static final String DC = "http://purl.org/dc/elements/1.1/";
  private static final String BEGIN =
      "<?xpacket begin=\"\uFEFF\" id=\"W5M0MpCehiHzreSzNTczkc9d\"?>";
  private static final String END = "<?xpacket end=\"r\"?>";

  private Xmp() {}

  /** UTF-8. */
  static byte[] packet(FileWords words) {
    StringWriter text = new StringWriter();
    text.write(BEGIN);
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      xml.setPrefix("x", X);
      xml.writeStartElement("x", "xmpmeta", X);
      xml.writeNamespace("x", X);
      xml.writeStartElement("rdf", "RDF", RDF);
      xml.writeNamespace("rdf", RDF);
      xml.writeStartElement("rdf", "Description", RDF);
      xml.writeAttribute("rdf", RDF, "about", "");
      xml.writeNamespace("dc", DC);
      list(xml, "title", "Alt", words.title());
      list(xml, "description", "Alt", words.description());
      list(xml, "creator", "Seq", words.author());
      list(xml, "rights", "Alt", words.copyright());
      list(xml, "subject", "Bag", words.keywords());
      xml.writeEndElement();
      xml.writeEndElement();
      xml.writeEndElement();
      xml.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("writing XML to memory failed", e);
    }
    text.write(END);
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static void list(XMLStreamWriter xml, String name, String kind, String value)
      throws XMLStreamException {
    list(xml, name, kind, value == null ? List.of() : List.of(value));
  }

  private static void list(XMLStreamWriter xml, String name, String kind, List<String> values)
      throws XMLStreamException {
    if (values.isEmpty()) {
      return;
    }
    xml.writeStartElement("dc", name, DC);
    xml.writeStartElement("rdf", kind, RDF);
    for (String value : values) {
      xml.writeStartElement("rdf", "li", RDF);
      if (kind.equals("Alt")) {
        xml.writeAttribute("xml:lang", "x-default");
      }
      xml.writeCharacters(XmlWords.of(value));
      xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndElement();
  }
}
