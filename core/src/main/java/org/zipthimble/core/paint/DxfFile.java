package org.zipthimble.core.paint;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;

/**
 * Outlines as a drawing exchange file of the R2000 kind: inches (INSUNITS 1), y upwards from the lower edge, one layer
 * for each layer. Straight runs are polylines, each curve is a spline of degree 3 with clamped knots: the very curve.
 */
public final class DxfFile {
  private static final String HEADER = "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1015\n9\n$HANDSEED\n5\nFFFF\n9\n$INSUNITS\n70\n1\n"
      + "9\n$MEASUREMENT\n70\n0\n";

  private final StringBuilder out = new StringBuilder();
  private final double height;
  private int handle = 0x100;

  private DxfFile(double height) {
    this.height = height;
  }

  /** The file as text in ASCII. */
  public static String text(VectorSheet sheet) {
    return new DxfFile(sheet.size().height()).write(sheet);
  }

  private String write(VectorSheet sheet) {
    out.append(HEADER).append("9\n$EXTMIN\n10\n0\n20\n0\n30\n0\n9\n$EXTMAX\n10\n").append(SvgFile.number(sheet.size().width()))
        .append("\n20\n").append(SvgFile.number(height)).append("\n30\n0\n0\nENDSEC\n");
    Set<String> used = new HashSet<>();
    List<String> names = sheet.layers().stream().map(l -> name(l.name(), used)).toList();
    tables(sheet, names);
    blocks();
    out.append("0\nSECTION\n2\nENTITIES\n");
    for (int i = 0; i < names.size(); i++) {
      for (VectorSheet.Line line : sheet.layers().get(i).lines()) {
        for (Contour contour : Contour.of(line.path())) {
          contour(contour, names.get(i));
        }
      }
    }
    out.append("0\nENDSEC\n0\nSECTION\n2\nOBJECTS\n0\nDICTIONARY\n5\nC\n330\n0\n100\nAcDbDictionary\n281\n1\n3\nACAD_GROUP\n350\nD\n"
        + "0\nDICTIONARY\n5\nD\n330\nC\n100\nAcDbDictionary\n281\n1\n0\nENDSEC\n0\nEOF\n");
    return out.toString();
  }

  private void tables(VectorSheet sheet, List<String> names) {
    out.append("0\nSECTION\n2\nTABLES\n");
    table("VPORT", "8", "");
    table("LTYPE", "5", entry("LTYPE", "14", "5", "AcDbLinetypeTableRecord", "2\nByBlock\n70\n0\n3\n\n72\n65\n73\n0\n40\n0\n")
        + entry("LTYPE", "15", "5", "AcDbLinetypeTableRecord", "2\nByLayer\n70\n0\n3\n\n72\n65\n73\n0\n40\n0\n")
        + entry("LTYPE", "16", "5", "AcDbLinetypeTableRecord", "2\nContinuous\n70\n0\n3\nSolid line\n72\n65\n73\n0\n40\n0\n"));
    StringBuilder layers = new StringBuilder(entry("LAYER", "10", "2", "AcDbLayerTableRecord", "2\n0\n70\n0\n62\n7\n6\nContinuous\n"));
    for (int i = 0; i < names.size(); i++) {
      Colour colour = sheet.layers().get(i).colour();
      int rgb = colour.red() << 16 | colour.green() << 8 | colour.blue();
      layers.append(entry("LAYER", next(), "2", "AcDbLayerTableRecord",
          "2\n" + names.get(i) + "\n70\n0\n62\n" + (i % 6 + 1) + "\n420\n" + rgb + "\n6\nContinuous\n"));
    }
    table("LAYER", "2", layers.toString());
    table("STYLE", "3", entry("STYLE", "11", "3", "AcDbTextStyleTableRecord",
        "2\nStandard\n70\n0\n40\n0\n41\n1\n50\n0\n71\n0\n42\n0.2\n3\ntxt\n4\n\n"));
    table("VIEW", "6", "");
    table("UCS", "7", "");
    table("APPID", "9", entry("APPID", "12", "9", "AcDbRegAppTableRecord", "2\nACAD\n70\n0\n"));
    out.append("0\nTABLE\n2\nDIMSTYLE\n5\nA\n330\n0\n100\nAcDbSymbolTable\n70\n0\n100\nAcDbDimStyleTable\n71\n0\n0\nENDTAB\n");
    table("BLOCK_RECORD", "1", entry("BLOCK_RECORD", "1F", "1", "AcDbBlockTableRecord", "2\n*Model_Space\n")
        + entry("BLOCK_RECORD", "1B", "1", "AcDbBlockTableRecord", "2\n*Paper_Space\n"));
    out.append("0\nENDSEC\n");
  }

  private void table(String name, String own, String entries) {
    int count = entries.isEmpty() ? 0 : entries.split("\n100\nAcDbSymbolTableRecord\n", -1).length - 1;
    out.append("0\nTABLE\n2\n").append(name).append("\n5\n").append(own).append("\n330\n0\n100\nAcDbSymbolTable\n70\n").append(count)
        .append('\n').append(entries).append("0\nENDTAB\n");
  }

  private static String entry(String kind, String own, String owner, String record, String rest) {
    return "0\n" + kind + "\n5\n" + own + "\n330\n" + owner + "\n100\nAcDbSymbolTableRecord\n100\n" + record + "\n" + rest;
  }

  private void blocks() {
    out.append("0\nSECTION\n2\nBLOCKS\n");
    block("*Model_Space", "1F", "20", "21");
    block("*Paper_Space", "1B", "1C", "1D");
    out.append("0\nENDSEC\n");
  }

  private void block(String name, String record, String begin, String end) {
    out.append("0\nBLOCK\n5\n").append(begin).append("\n330\n").append(record).append("\n100\nAcDbEntity\n8\n0\n100\nAcDbBlockBegin\n2\n")
        .append(name).append("\n70\n0\n10\n0\n20\n0\n30\n0\n3\n").append(name).append("\n1\n\n0\nENDBLK\n5\n").append(end).append("\n330\n")
        .append(record).append("\n100\nAcDbEntity\n8\n0\n100\nAcDbBlockEnd\n");
  }

  private void contour(Contour contour, String layer) {
    boolean straight = contour.spans().stream().allMatch(Span::straight);
    if (straight) {
      polyline(contour.spans(), contour.closed(), layer);
      return;
    }
    spline(contour.spans(), layer);
  }

  private void polyline(List<Span> spans, boolean closed, String layer) {
    int count = spans.size() + (closed ? 0 : 1);
    entity("LWPOLYLINE", layer, "AcDbPolyline");
    pair(90, String.valueOf(count));
    pair(70, closed ? "1" : "0");
    spans.forEach(s -> vertex(s.from()));
    if (!closed) {
      vertex(spans.get(spans.size() - 1).to());
    }
  }

  /** All spans as one spline: every inner knot has three of the same, so that each span keeps its own four points. */
  private void spline(List<Span> spans, String layer) {
    entity("SPLINE", layer, "AcDbSpline");
    pair(70, "8");
    pair(71, "3");
    int knots = 4 + 3 * (spans.size() - 1) + 4;
    pair(72, String.valueOf(knots));
    pair(73, String.valueOf(3 * spans.size() + 1));
    pair(74, "0");
    for (int i = 0; i <= spans.size(); i++) {
      int times = i == 0 || i == spans.size() ? 4 : 3;
      for (int k = 0; k < times; k++) {
        pair(40, String.valueOf(i));
      }
    }
    control(spans.get(0).from());
    for (Span s : spans) {
      control(s.first());
      control(s.second());
      control(s.to());
    }
  }

  private void entity(String kind, String layer, String type) {
    out.append("0\n").append(kind).append("\n5\n").append(next()).append("\n330\n1F\n100\nAcDbEntity\n8\n").append(layer)
        .append("\n100\n").append(type).append('\n');
  }

  private void vertex(Point p) {
    pair(10, SvgFile.number(p.x()));
    pair(20, SvgFile.number(height - p.y()));
  }

  private void control(Point p) {
    vertex(p);
    pair(30, "0");
  }

  private void pair(int code, String value) {
    out.append(code).append('\n').append(value).append('\n');
  }

  private String next() {
    return Integer.toHexString(handle++).toUpperCase(Locale.ROOT);
  }

  private static String name(String text, Set<String> used) {
    String plain = text.replaceAll("[^A-Za-z0-9 _-]+", " ").strip();
    String base = plain.isEmpty() ? "layer" : plain.substring(0, Math.min(60, plain.length()));
    String name = base;
    for (int i = 2; !used.add(name.toUpperCase(Locale.ROOT)); i++) {
      name = base + " " + i;
    }
    return name;
  }
}
