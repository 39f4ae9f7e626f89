package org.zipthimble.core.bring;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;

/**
 * Reads ornament files: SVG 1.1 with a size in inches, a viewBox from 0 0, a title, a desc with words to
 * find it by, and one path of M, L, C and Z with a fill for each part. Document types are refused and
 * nothing outside the file is ever fetched.
 */
final class OrnamentSvg {
  private static final int MOST_PARTS = 200;
  private static final int LONGEST_PATH = 400_000;

  private OrnamentSvg() {}

  static Ornament read(String set, String file, InputStream in) throws Trouble {
    try {
      XMLStreamReader xml = factory().createXMLStreamReader(in);
      String title = file;
      String words = "";
      Size size = new Size(1, 1);
      Affine toInches = Affine.IDENTITY;
      List<Ornament.Part> parts = new ArrayList<>();
      while (xml.hasNext()) {
        if (xml.next() != XMLStreamConstants.START_ELEMENT) {
          continue;
        }
        switch (xml.getLocalName()) {
          case "svg" -> {
            size = new Size(inches(xml, "width"), inches(xml, "height"));
            String[] view = attribute(xml, "viewBox").split(" ");
            toInches = Affine.scale(size.width() / Double.parseDouble(view[2]), size.height() / Double.parseDouble(view[3]));
          }
          case "title" -> title = xml.getElementText();
          case "desc" -> words = xml.getElementText();
          case "path" -> parts.add(part(xml, toInches));
          default -> throw Trouble.of("ornament.unknown", file, xml.getLocalName());
        }
        if (parts.size() > MOST_PARTS) {
          throw Trouble.of("ornament.damaged", file);
        }
      }
      return new Ornament(set, title, words, size, parts);
    } catch (XMLStreamException | RuntimeException e) {
      throw Trouble.because(e, "ornament.damaged", file);
    }
  }

  private static Ornament.Part part(XMLStreamReader xml, Affine toInches) throws Trouble {
    String path = attribute(xml, "d");
    if (path.length() > LONGEST_PATH) {
      throw new IllegalArgumentException("a path that is too long");
    }
    return new Ornament.Part(
        attribute(xml, "id").replace('-', ' '), Colour.parse(attribute(xml, "fill")), PathText.read(path).mapped(toInches));
  }

  private static double inches(XMLStreamReader xml, String name) throws Trouble {
    return Lengths.parse(attribute(xml, name), Unit.INCH);
  }

  private static String attribute(XMLStreamReader xml, String name) {
    String value = xml.getAttributeValue(null, name);
    if (value == null) {
      throw new IllegalArgumentException("without " + name);
    }
    return value;
  }

  private static XMLInputFactory factory() {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    return factory;
  }
}
