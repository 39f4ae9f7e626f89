package org.zipthimble.core.proof;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** The size and reach of an SVG of plain paths. */
final class SvgMeasure {
  private static final Pattern INCHES = Pattern.compile("([0-9.]+)in");

  private SvgMeasure() {}

  static VectorBack.Outlines of(String name, byte[] bytes) throws Trouble {
    try {
      XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
      factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
      factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      Size size = new Size(1, 1);
      double scale = 1;
      List<Box> boxes = new ArrayList<>();
      while (xml.hasNext()) {
        if (xml.next() != XMLStreamConstants.START_ELEMENT) {
          continue;
        }
        if (xml.getLocalName().equals("svg")) {
          size = new Size(inches(xml.getAttributeValue(null, "width")), inches(xml.getAttributeValue(null, "height")));
          scale = size.width() / Double.parseDouble(xml.getAttributeValue(null, "viewBox").split(" ")[2]);
        } else if (xml.getLocalName().equals("path")) {
          VectorBack.boxes(PathText.read(xml.getAttributeValue(null, "d"))).forEach(boxes::add);
        }
      }
      double by = scale;
      return new VectorBack.Outlines(size, boxes.stream().map(b -> new Box(b.x() * by, b.y() * by, b.width() * by, b.height() * by))
          .toList());
    } catch (XMLStreamException | RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
  }

  private static double inches(String text) {
    Matcher matcher = INCHES.matcher(text);
    if (!matcher.matches()) {
      throw new IllegalArgumentException("no inches: " + text);
    }
    return Double.parseDouble(matcher.group(1));
  }
}
