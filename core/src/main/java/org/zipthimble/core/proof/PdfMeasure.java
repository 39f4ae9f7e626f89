package org.zipthimble.core.proof;

import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfDictionary;
import com.lowagie.text.pdf.PdfName;
import com.lowagie.text.pdf.PdfObject;
import com.lowagie.text.pdf.PdfReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.wording.Trouble;

/**
 * What a PDF says of itself, read by another library than the one that wrote it.
 *
 * @param fonts names of the fonts, in alphabetical order
 * @param fontsInside whether each font's outlines are in the file
 */
public record PdfMeasure(List<PageBoxes> pages, Set<String> fonts, boolean fontsInside) {
  private static final int DEEPEST = 12;

  /** The boxes of a page in points, y upwards. */
  public record PageBoxes(Box media, Box bleed, Box trim) {}

  /**
   * Measures a PDF.
   *
   * @throws Trouble when it cannot be read
   */
  public static PdfMeasure of(String name, byte[] bytes) throws Trouble {
    try (PdfReader reader = new PdfReader(bytes)) {
      return of(reader);
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
  }

  /** The same from the disk, without taking the whole file into memory. */
  public static PdfMeasure of(Path file) throws Trouble {
    try (PdfReader reader = new PdfReader(file.toString())) {
      return of(reader);
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", file.getFileName());
    }
  }

  private static PdfMeasure of(PdfReader reader) throws IOException {
    List<PageBoxes> pages = new ArrayList<>();
    Set<String> fonts = new TreeSet<>();
    boolean inside = true;
    for (int i = 1; i <= reader.getNumberOfPages(); i++) {
      pages.add(new PageBoxes(box(reader, i, "media"), box(reader, i, "bleed"), box(reader, i, "trim")));
      inside &= fonts(reader.getPageN(i).getAsDict(PdfName.RESOURCES), fonts, 0);
    }
    return new PdfMeasure(pages, fonts, inside);
  }

  private static Box box(PdfReader reader, int page, String which) throws IOException {
    Rectangle box = reader.getBoxSize(page, which);
    if (box == null) {
      throw new IOException("no " + which + " box on page " + page);
    }
    return new Box(box.getLeft(), box.getBottom(), box.getWidth(), box.getHeight());
  }

  private static boolean fonts(PdfDictionary resources, Set<String> names, int depth) {
    boolean inside = true;
    if (resources == null || depth > DEEPEST) {
      return true;
    }
    PdfDictionary fonts = resources.getAsDict(PdfName.FONT);
    if (fonts != null) {
      for (PdfName key : fonts.getKeys()) {
        PdfDictionary font = fonts.getAsDict(key);
        names.add(font.getAsName(PdfName.BASEFONT).toString().substring(1));
        inside &= embedded(font);
      }
    }
    PdfDictionary objects = resources.getAsDict(PdfName.XOBJECT);
    if (objects != null) {
      for (PdfName key : objects.getKeys()) {
        PdfObject object = objects.getDirectObject(key);
        if (object instanceof PdfDictionary) {
          inside &= fonts(((PdfDictionary) object).getAsDict(PdfName.RESOURCES), names, depth + 1);
        }
      }
    }
    return inside;
  }

  private static boolean embedded(PdfDictionary font) {
    PdfDictionary described = font;
    if (font.getAsArray(PdfName.DESCENDANTFONTS) != null) {
      described = font.getAsArray(PdfName.DESCENDANTFONTS).getAsDict(0);
    }
    PdfDictionary descriptor = described.getAsDict(PdfName.FONTDESCRIPTOR);
    return descriptor != null
        && (descriptor.contains(PdfName.FONTFILE2) || descriptor.contains(PdfName.FONTFILE3) || descriptor.contains(PdfName.FONTFILE));
  }
}
