package org.zipthimble.core.paint;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.zipthimble.core.picture.Kind;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.type.FontFace;
import org.zipthimble.core.type.GlyphRun;
import org.zipthimble.core.wording.Trouble;

/** The fonts and pictures of one PDF, each written once. */
final class PdfAssets {
  private final PDDocument document;
  private final Map<FontFace, PDType0Font> fonts = new HashMap<>();
  private final Map<PDType0Font, Set<Integer>> used = new HashMap<>();
  private final Map<String, PDImageXObject> pictures = new HashMap<>();

  PdfAssets(PDDocument document) {
    this.document = document;
  }

  PDType0Font font(GlyphRun run) throws IOException {
    PDType0Font font = fonts.get(run.face());
    if (font == null) {
      font = PDType0Font.load(document, new ByteArrayInputStream(run.face().bytes()), true);
      fonts.put(run.face(), font);
    }
    Set<Integer> glyphs = used.computeIfAbsent(font, f -> new TreeSet<>());
    run.glyphs().forEach(g -> glyphs.add(g.id()));
    return font;
  }

  /** JPEG bytes go in as they are; others as their exact pixels. */
  PDImageXObject picture(Picture picture) throws IOException, Trouble {
    PDImageXObject image = pictures.get(picture.id());
    if (image == null) {
      image = picture.kind() == Kind.JPEG
          ? JPEGFactory.createFromByteArray(document, picture.blob().bytes())
          : LosslessFactory.createFromImage(document, Pictures.decode(picture));
      pictures.put(picture.id(), image);
    }
    return image;
  }

  /** Cuts every font down to the glyphs that were used. */
  void finish() throws IOException {
    for (Map.Entry<PDType0Font, Set<Integer>> entry : used.entrySet()) {
      entry.getKey().addGlyphsToSubset(entry.getValue());
      entry.getKey().subset();
    }
  }
}
