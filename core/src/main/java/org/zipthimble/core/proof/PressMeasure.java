package org.zipthimble.core.proof;

import com.lowagie.text.pdf.PRStream;
import com.lowagie.text.pdf.PRTokeniser;
import com.lowagie.text.pdf.PdfArray;
import com.lowagie.text.pdf.PdfContentParser;
import com.lowagie.text.pdf.PdfDictionary;
import com.lowagie.text.pdf.PdfName;
import com.lowagie.text.pdf.PdfObject;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.PdfString;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.zipthimble.core.sheet.SheetSigns;
import org.zipthimble.core.wording.Trouble;

/**
 * What a PDF for a press says of itself, read by another library than the one that wrote it: each demand of PDF/X-4
 * (ISO 15930-7:2010) that we claim, the colour spaces of all that is drawn, and the inks of words.
 *
 * @param demands whether each is met, by its name
 * @param spaces all colour spaces that are used
 * @param plates names of the spot colours
 * @param wordInks amounts of process inks that words are set in
 */
public record PressMeasure(Map<Demand, Boolean> demands, Set<String> spaces, Set<String> plates, Set<List<Double>> wordInks) {
  private static final int DEEPEST = 12;
  private static final Set<String> ALLOWED = Set.of("DeviceCMYK", "DeviceGray", "Separation", "ICCBased");

  /** The demands; the clause of ISO 15930-7:2010 stands beside each (clause numbers from memory). */
  public enum Demand {
    /** 6.2: PDF 1.6 or lower, the document's id there, nothing encrypted. */
    FILE,
    /** 6.3: the metadata names PDF/X-4, a title and dates. */
    NAMED,
    /** 6.4: one output intent of the kind GTS_PDFX with a profile of four inks inside. */
    INTENT,
    /** 6.10: every page has a trim box within its bleed box within its media box. */
    BOXES,
    /** 6.2.5: every font is inside. */
    FONTS,
    /** 6.2.4: no colour of a device's RGB. */
    COLOURS,
    /** 6.7: the trapping key is there. */
    TRAPPED,
    /** 6.12, 6.15: no scripts, actions or notes. */
    STILL
  }

  /** Reads a PDF. */
  public static PressMeasure of(String name, byte[] bytes) throws Trouble {
    try (PdfReader reader = new PdfReader(bytes)) {
      Walk walk = new Walk();
      boolean boxes = true;
      boolean still = reader.getCatalog().get(PdfName.OPENACTION) == null && reader.getCatalog().get(PdfName.AA) == null;
      for (int i = 1; i <= reader.getNumberOfPages(); i++) {
        PdfDictionary page = reader.getPageN(i);
        walk.content(reader.getPageContent(i), page.getAsDict(PdfName.RESOURCES), 0);
        walk.group(page);
        boxes &= nested(page);
        still &= page.get(PdfName.ANNOTS) == null && page.get(PdfName.AA) == null;
      }
      Map<Demand, Boolean> demands = new LinkedHashMap<>();
      demands.put(Demand.FILE, reader.getPdfVersion() <= '6' && reader.getTrailer().get(PdfName.ID) != null && !reader.isEncrypted());
      demands.put(Demand.NAMED, named(reader));
      demands.put(Demand.INTENT, intent(reader));
      demands.put(Demand.BOXES, boxes);
      demands.put(Demand.FONTS, PdfMeasure.of(name, bytes).fontsInside());
      demands.put(Demand.COLOURS, ALLOWED.containsAll(walk.spaces));
      demands.put(Demand.TRAPPED, reader.getInfo().containsKey("Trapped"));
      demands.put(Demand.STILL, still && reader.getJavaScript() == null);
      return new PressMeasure(demands, walk.spaces, walk.plates, walk.wordInks);
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
  }

  /** Whether all demands are met. */
  public boolean met() {
    return demands.values().stream().allMatch(b -> b);
  }

  private static boolean named(PdfReader reader) throws IOException {
    byte[] xmp = reader.getMetadata();
    String text = xmp == null ? "" : new String(xmp, StandardCharsets.UTF_8);
    return text.contains("<pdfxid:GTS_PDFXVersion>PDF/X-4</pdfxid:GTS_PDFXVersion>") && text.contains("<dc:title>")
        && text.contains("<xmp:CreateDate>") && text.contains("<xmp:ModifyDate>") && text.contains("<xmpMM:DocumentID>");
  }

  private static boolean intent(PdfReader reader) throws IOException {
    PdfArray intents = reader.getCatalog().getAsArray(new PdfName("OutputIntents"));
    if (intents == null || intents.size() != 1) {
      return false;
    }
    PdfDictionary intent = intents.getAsDict(0);
    PdfString identifier = intent.getAsString(new PdfName("OutputConditionIdentifier"));
    PdfObject profile = intent.getDirectObject(new PdfName("DestOutputProfile"));
    if (!new PdfName("GTS_PDFX").equals(intent.getAsName(PdfName.S)) || identifier == null || !(profile instanceof PRStream)) {
      return false;
    }
    byte[] icc = PdfReader.getStreamBytes((PRStream) profile);
    return ((PRStream) profile).getAsNumber(PdfName.N).intValue() == 4
        && new String(icc, 12, 8, StandardCharsets.US_ASCII).equals("prtrCMYK");
  }

  private static boolean nested(PdfDictionary page) {
    PdfArray trim = page.getAsArray(PdfName.TRIMBOX);
    PdfArray bleed = page.getAsArray(PdfName.BLEEDBOX);
    PdfArray media = page.getAsArray(PdfName.MEDIABOX);
    return trim != null && bleed != null && within(trim, bleed) && within(bleed, media);
  }

  private static boolean within(PdfArray in, PdfArray out) {
    boolean low = in.getAsNumber(0).doubleValue() >= out.getAsNumber(0).doubleValue() - 1e-3 && in.getAsNumber(1)
        .doubleValue() >= out.getAsNumber(1).doubleValue() - 1e-3;
    return low && in.getAsNumber(2).doubleValue() <= out.getAsNumber(2).doubleValue() + 1e-3 && in.getAsNumber(3)
        .doubleValue() <= out.getAsNumber(3).doubleValue() + 1e-3;
  }

  /** Goes through all that is drawn. */
  private static final class Walk {
    final Set<String> spaces = new TreeSet<>();
    final Set<String> plates = new TreeSet<>();
    final Set<List<Double>> wordInks = new java.util.LinkedHashSet<>();
    private List<Double> inks = List.of();

    void content(byte[] bytes, PdfDictionary resources, int depth) throws IOException {
      resources(resources, depth);
      PdfContentParser parser = new PdfContentParser(new PRTokeniser(bytes));
      ArrayList<PdfObject> parts = new ArrayList<>();
      while (!parser.parse(parts).isEmpty()) {
        String operator = parts.get(parts.size() - 1).toString();
        switch (operator) {
          case "rg", "RG" -> spaces.add("DeviceRGB");
          case "g", "G" -> spaces.add("DeviceGray");
          case "K" -> spaces.add("DeviceCMYK");
          case "k" -> {
            spaces.add("DeviceCMYK");
            inks = parts.subList(0, 4).stream().map(p -> ((com.lowagie.text.pdf.PdfNumber) p).doubleValue()).toList();
          }
          case "cs", "CS" -> {
            // the spaces of a device need no resource
            if (parts.get(0).toString().startsWith("/Device")) {
              space(parts.get(0));
            }
            inks = operator.equals("cs") ? List.of() : inks;
          }
          case "Tj", "TJ" -> {
            if (!inks.isEmpty()) {
              wordInks.add(inks);
            }
          }
          default -> { }
        }
      }
    }

    private void resources(PdfDictionary resources, int depth) throws IOException {
      if (resources == null || depth > DEEPEST) {
        return;
      }
      each(resources.getAsDict(PdfName.COLORSPACE), this::space);
      PdfDictionary shadings = resources.getAsDict(PdfName.SHADING);
      if (shadings != null) {
        for (PdfName key : shadings.getKeys()) {
          space(((PdfDictionary) shadings.getDirectObject(key)).getDirectObject(PdfName.COLORSPACE));
        }
      }
      PdfDictionary objects = resources.getAsDict(PdfName.XOBJECT);
      if (objects == null) {
        return;
      }
      for (PdfName key : objects.getKeys()) {
        PRStream object = (PRStream) objects.getDirectObject(key);
        if (PdfName.IMAGE.equals(object.getAsName(PdfName.SUBTYPE))) {
          space(object.getDirectObject(PdfName.COLORSPACE));
        } else {
          group(object);
          content(PdfReader.getStreamBytes(object), object.getAsDict(PdfName.RESOURCES), depth + 1);
        }
      }
    }

    private static void each(PdfDictionary dictionary, Consumer<PdfObject> taking) {
      if (dictionary != null) {
        for (PdfName key : dictionary.getKeys()) {
          taking.accept(dictionary.getDirectObject(key));
        }
      }
    }

    void group(PdfDictionary holder) {
      PdfDictionary group = holder.getAsDict(PdfName.GROUP);
      if (group != null && group.getDirectObject(PdfName.CS) != null) {
        space(group.getDirectObject(PdfName.CS));
      }
    }

    private void space(PdfObject space) {
      if (space instanceof PdfName) {
        spaces.add(space.toString().substring(1));
      } else if (space instanceof PdfArray) {
        PdfArray array = (PdfArray) space;
        String kind = array.getAsName(0).toString().substring(1);
        spaces.add(kind);
        if (kind.equals("Separation")) {
          String plate = PdfName.decodeName(array.getAsName(1).toString());
          if (!plate.equals(SheetSigns.ALL_PLATES)) {
            plates.add(plate);
          }
          space(array.getDirectObject(2));
        }
      }
    }
  }
}
