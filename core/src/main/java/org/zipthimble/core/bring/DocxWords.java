package org.zipthimble.core.bring;

import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;

/** The words of a DOCX body (ISO/IEC 29500-1, 17.3: paragraphs, runs and their properties). Tables give their cells one after another. */
final class DocxWords {
  private static final int DEEPEST = 200;

  private final StoryMaker made;
  private StoryMaker.Said said = StoryMaker.Said.NOTHING;
  private boolean inText;
  private boolean inRunProperties;

  private DocxWords(WordStyle look) {
    made = new StoryMaker(look);
  }

  static Story read(String name, byte[] document, WordStyle look) throws Trouble {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    try {
      DocxWords words = new DocxWords(look);
      XMLStreamReader in = factory.createXMLStreamReader(new StringReader(text(document)));
      words.all(in);
      if (words.made.empty()) {
        throw Trouble.of("wordsIn.noWords", name);
      }
      return words.made.story();
    } catch (XMLStreamException | CharacterCodingException | RuntimeException e) {
      throw Trouble.because(e, "wordsIn.broken", name);
    }
  }

  /**
   * Parts of a package are in UTF-8 or UTF-16 (ECMA-376-2, use of XML; from memory). The reader of XML would print what it cannot decode.
   */
  private static String text(byte[] document) throws CharacterCodingException {
    int mark = document.length < 2 ? 0 : (document[0] & 255) << 8 | document[1] & 255;
    Charset charset = mark == 0xFEFF || mark == 0xFFFE ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
    String text = charset.newDecoder().decode(ByteBuffer.wrap(document)).toString();
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }

  private void all(XMLStreamReader in) throws XMLStreamException {
    Deque<String> open = new ArrayDeque<>();
    while (in.hasNext()) {
      switch (in.next()) {
        case XMLStreamConstants.START_ELEMENT -> {
          if (open.size() > DEEPEST) {
            throw new XMLStreamException("nested too deep");
          }
          open.push(in.getLocalName());
          begin(in);
        }
        case XMLStreamConstants.CHARACTERS -> {
          if (inText) {
            made.text(in.getText(), said);
          }
        }
        case XMLStreamConstants.END_ELEMENT -> {
          open.pop();
          end(in.getLocalName());
        }
        default -> { }
      }
    }
  }

  private void begin(XMLStreamReader in) {
    switch (in.getLocalName()) {
      case "p" -> made.align(Align.LEFT);
      case "r" -> said = StoryMaker.Said.NOTHING;
      case "rPr" -> inRunProperties = true;
      case "t" -> inText = true;
      case "tab" -> made.text(inRunProperties ? "" : "\t", said);
      case "br", "cr" -> made.text("\u2028", said);
      case "noBreakHyphen" -> made.text("\u2011", said);
      case "b" -> said = new StoryMaker.Said(on(in), said.italic(), said.sizePt(), said.colour());
      case "i" -> said = new StoryMaker.Said(said.bold(), on(in), said.sizePt(), said.colour());
      case "sz" -> said = new StoryMaker.Said(said.bold(), said.italic(), number(value(in)).map(half -> half / 2), said.colour());
      case "color" -> said = new StoryMaker.Said(said.bold(), said.italic(), said.sizePt(), colour(value(in)));
      case "jc" -> made.align(switch (value(in)) {
        case "center" -> Align.CENTRE;
        case "right", "end" -> Align.RIGHT;
        case "both", "distribute" -> Align.JUSTIFIED;
        default -> Align.LEFT;
      });
      default -> { }
    }
  }

  private void end(String name) {
    switch (name) {
      case "t" -> inText = false;
      case "rPr" -> inRunProperties = false;
      case "p" -> made.paragraph();
      default -> { }
    }
  }

  private static String value(XMLStreamReader in) {
    for (int i = 0; i < in.getAttributeCount(); i++) {
      if (in.getAttributeLocalName(i).equals("val")) {
        return in.getAttributeValue(i);
      }
    }
    return "";
  }

  private boolean on(XMLStreamReader in) {
    String value = value(in);
    return inRunProperties && !value.equals("0") && !value.equals("false");
  }

  private static Optional<Double> number(String text) {
    return text.matches("\\d{1,4}") ? Optional.of(Double.valueOf(text)) : Optional.empty();
  }

  private static Optional<Colour> colour(String text) {
    return text.matches("[0-9A-Fa-f]{6}") ? Optional.of(Colour.of(Integer.parseInt(text, 16))) : Optional.empty();
  }
}
