package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.marks.ProcessingStep;
import org.zipthimble.core.marks.Stamp;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Kind;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;

/** The fonts and pictures of one PDF, each written once. */
final class PdfAssets {
  private static final int MOST_A_BLOCK = 100;

  private final PDDocument document;
  private final Map<FontFace, PDType0Font> fonts = new HashMap<>();
  /** The glyphs that were used of each font, with the characters they stand for. */
  private final Map<PDType0Font, SortedMap<Integer, String>> used = new LinkedHashMap<>();
  private final Map<String, PDImageXObject> pictures = new HashMap<>();
  private final Map<String, Optional<PDFormXObject>> pages = new HashMap<>();

  private final Map<String, PDColorSpace> spots = new HashMap<>();
  private final Map<String, PDOptionalContentGroup> steps = new LinkedHashMap<>();

  private final Map<Stamp.Key, Stamped> stamps = new LinkedHashMap<>();

  private final double mostPpi;
  private final Optional<PdfPress> press;
  private final PdfColours colours;
  private final Halvings halvings = Halvings.SHARED;

  /** The assets of a document; with inks for a press, or in RGB. */
  PdfAssets(PDDocument document, Optional<PdfPress> press, double mostPpi) {
    this.document = document;
    this.mostPpi = mostPpi;
    this.press = press;
    this.colours = press.isPresent() ? new PdfInks(press.get().inking(), this) : new PdfRgb();
  }

  /**
   * Marks that are stored once.
   *
   * @param mixes whether any of them mixes with what lies below
   */
  record Stamped(PDFormXObject form, boolean mixes) {}

  /** What is stored of some marks already. */
  Optional<Stamped> stamped(Stamp.Key key) {
    return Optional.ofNullable(stamps.get(key));
  }

  Stamped keep(Stamp.Key key, Stamped stored) {
    stamps.put(key, stored);
    return stored;
  }

  PdfColours colours() {
    return colours;
  }

  PDType0Font font(GlyphRun run) throws IOException {
    PDType0Font font = fonts.get(run.face());
    if (font == null) {
      font = PDType0Font.load(document, new ByteArrayInputStream(run.face().bytes()), true);
      fonts.put(run.face(), font);
    }
    SortedMap<Integer, String> glyphs = used.computeIfAbsent(font, f -> new TreeMap<>());
    run.glyphs().forEach(g -> glyphs.merge(g.id(), g.text(), (known, next) -> known.isEmpty() ? next : known));
    return font;
  }

  /**
   * JPEG bytes go in as they are; others as their exact pixels. A picture finer than the limit is made coarser.
   *
   * @param across how wide it is drawn, in inches
   */
  PDXObject picture(Picture picture, double across, double down) throws IOException, Trouble {
    Optional<PDFormXObject> page = page(picture);
    if (page.isPresent()) {
      return page.get();
    }
    double ppi = picture.ppiAt(across, down) * picture.retouch().enlarged();
    boolean coarser = mostPpi > 0 && ppi > mostPpi;
    String key = coarser ? picture.id() + " " + Math.round(across * mostPpi) + " " + Math.round(down * mostPpi) : picture.id();
    PDImageXObject image = pictures.get(key);
    if (image == null) {
      image = coarser ? image(PdfPictures.coarser(picture, mostPpi / ppi * picture.retouch().enlarged(), halvings)) : whole(picture);
      pictures.put(key, image);
    }
    return image;
  }

  /** A page of a PDF goes in with its outlines; into a file for a press only when all its colours are inks. */
  private Optional<PDFormXObject> page(Picture picture) throws IOException {
    if (picture.kind() != Kind.PDF || !picture.retouch().none()) {
      return Optional.empty();
    }
    if (!pages.containsKey(picture.id())) {
      pages.put(picture.id(), PdfInside.form(document, picture, press.isPresent()));
    }
    return pages.get(picture.id());
  }

  private PDImageXObject whole(Picture picture) throws IOException, Trouble {
    if (treated() == PdfPress.Pictures.AS_CAME && press.isPresent() && Pictures.inksAsTheyAre(picture)) {
      return JPEGFactory.createFromByteArray(document, Pictures.bare(picture));
    }
    boolean asItIs = Pictures.asTheyAre(picture) && (press.isEmpty() || treated() != PdfPress.Pictures.INK);
    return asItIs ? inScreen(JPEGFactory.createFromByteArray(document, Pictures.bare(picture))) : image(Pictures.decode(picture));
  }

  private PdfPress.Pictures treated() {
    return press.map(PdfPress::pictures).orElse(PdfPress.Pictures.AS_CAME);
  }

  /** Pixels as a picture, in inks or in the screen's colours. */
  PDImageXObject image(BufferedImage pixels) throws IOException {
    return press.isPresent() && treated() == PdfPress.Pictures.INK
        ? PdfPictures.inInk(document, pixels, press.get().inking().table())
        : inScreen(LosslessFactory.createFromImage(document, pixels));
  }

  private PDImageXObject inScreen(PDImageXObject image) throws IOException {
    if (press.isPresent()) {
      image.setColorSpace(PdfPictures.screen(document));
    }
    return image;
  }

  /** Pictures halved for masks and for what is blurred. */
  Halvings halvings() {
    return halvings;
  }

  /** A spot colour by its name, which stands for a colour of the screen; the same name is always the same object. */
  PDColorSpace spot(String name, Colour stand) {
    return spot(name, colours.space(), colours.parts(stand));
  }

  /** A spot colour by its name, with the process inks that stand for it. */
  PDColorSpace spot(String name, Cmyk alternate) {
    return spot(name, COSName.DEVICECMYK, PdfShades.numbers(alternate.parts()));
  }

  private PDColorSpace spot(String name, COSBase space, COSArray full) {
    return spots.computeIfAbsent(name, n -> {
      COSDictionary tint = new COSDictionary();
      tint.setInt(COSName.FUNCTION_TYPE, 2);
      tint.setItem(COSName.DOMAIN, PdfShades.numbers(0, 1));
      tint.setItem(COSName.C0, space == COSName.DEVICECMYK ? PdfShades.numbers(0, 0, 0, 0) : PdfShades.numbers(1, 1, 1));
      tint.setItem(COSName.C1, full);
      tint.setInt(COSName.N, 1);
      COSArray array = new COSArray();
      array.add(COSName.SEPARATION);
      array.add(COSName.getPDFName(n));
      array.add(space);
      array.add(tint);
      try {
        return new PDSeparation(array, null);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    });
  }

  /**
   * The optional-content group of a processing step. The names of its keys (GTS_Metadata, GTS_ProcStepsGroup,
   * GTS_ProcStepsType; ISO 19593-1) are from memory.
   */
  PDOptionalContentGroup layer(ProcessingStep step) {
    return steps.computeIfAbsent(step.name(), name -> {
      PDOptionalContentGroup group = new PDOptionalContentGroup(name);
      if (!step.group().isEmpty()) {
        COSDictionary metadata = new COSDictionary();
        metadata.setName("GTS_ProcStepsGroup", step.group());
        metadata.setName("GTS_ProcStepsType", step.type());
        group.getCOSObject().setItem("GTS_Metadata", metadata);
      }
      PDDocumentCatalog catalog = document.getDocumentCatalog();
      PDOptionalContentProperties all = catalog.getOCProperties();
      if (all == null) {
        all = new PDOptionalContentProperties();
        catalog.setOCProperties(all);
      }
      all.addGroup(group);
      return group;
    });
  }

  /** Cuts every font down to the glyphs that were used. */
  void finish() throws IOException {
    for (Map.Entry<PDType0Font, SortedMap<Integer, String>> entry : used.entrySet()) {
      entry.getKey().addGlyphsToSubset(entry.getValue().keySet());
      entry.getKey().subset();
      entry.getKey().getCOSObject().setItem(COSName.TO_UNICODE, characters(entry.getValue()));
    }
  }

  /**
   * What the glyphs of a font stand for (ISO 32000-1, 9.10.3): the library knows none for ligatures and glyphs that are put in for others.
   */
  private COSStream characters(SortedMap<Integer, String> glyphs) throws IOException {
    StringBuilder map = new StringBuilder("/CIDInit /ProcSet findresource begin\n12 dict begin\nbegincmap\n"
        + "/CIDSystemInfo << /Registry (Thimble) /Ordering (UCS) /Supplement 0 >> def\n/CMapName /Thimble-UCS def\n/CMapType 2 def\n"
        + "1 begincodespacerange\n<0000> <FFFF>\nendcodespacerange\n");
    List<Map.Entry<Integer, String>> told = glyphs.entrySet().stream().filter(e -> !e.getValue().isEmpty()).toList();
    for (int from = 0; from < told.size(); from += MOST_A_BLOCK) {
      List<Map.Entry<Integer, String>> block = told.subList(from, Math.min(told.size(), from + MOST_A_BLOCK));
      map.append(block.size()).append(" beginbfchar\n");
      block.forEach(e -> map.append(String.format(Locale.ROOT, "<%04X> <", e.getKey()))
          .append(HexFormat.of().withUpperCase().formatHex(e.getValue().getBytes(StandardCharsets.UTF_16BE))).append(">\n"));
      map.append("endbfchar\n");
    }
    map.append("endcmap\nCMapName currentdict /CMap defineresource pop\nend\nend\n");
    COSStream stream = document.getDocument().createCOSStream();
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      out.write(map.toString().getBytes(StandardCharsets.US_ASCII));
    }
    return stream;
  }
}
