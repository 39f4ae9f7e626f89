package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.wording.Trouble;

/** SVG (W3C SVG 1.1) and DXF in: true sizes, all that a drawing can hold, and a list of what it cannot give. */
class DrawingInTest {
  private static final String HEAD = "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' ";

  private static ImportedDrawing svg(String rest) throws Trouble {
    return SvgIn.read("t.svg", (HEAD + rest + "</svg>").getBytes(StandardCharsets.UTF_8), OptionalDouble.empty(), VectorLimits.USUAL);
  }

  private static double area(ImportedDrawing brought) {
    Forms forms = new Forms(Made.card());
    return brought.items().stream().mapToDouble(i -> Extent.area(Combine.clean(forms.outline(i), Rule.NON_ZERO))).sum();
  }

  private static Box box(ImportedDrawing brought) {
    Forms forms = new Forms(Made.card());
    return brought.items().stream().flatMap(i -> Measure.bounds(forms.outline(i)).stream()).reduce(Box::union).orElseThrow();
  }

  @Test
  void sizesAreTrueWhereTheFileTellsAndAskedAboutWhereItDoesNot() throws Trouble {
    String mark = "<rect x='10' y='20' width='30' height='40'/>";
    for (String size : List.of("width='5in' height='7in'", "width='127mm' height='177.8mm'", "width='12.7cm' height='17.78cm'",
        "width='360pt' height='504pt'")) {
      ImportedDrawing one = svg(size + " viewBox='0 0 500 700'>" + mark);
      assertTrue(one.sized());
      assertEquals(5, one.size().width(), 1e-9);
      assertEquals(0.3 * 0.4, area(one), 1e-9, size);
      assertEquals(0.1, box(one).x(), 1e-9);
    }
    ImportedDrawing unknown = svg("width='96' height='96'>" + mark);
    assertFalse(unknown.sized());
    assertEquals(1, unknown.size().width(), 1e-12, "96 units to the inch at first");
    byte[] bytes = (HEAD + "width='96' height='96'>" + mark + "</svg>").getBytes(StandardCharsets.UTF_8);
    assertEquals(96.0 / 72, SvgIn.read("t", bytes, OptionalDouble.of(72), VectorLimits.USUAL).size().width(), 1e-12);
    assertEquals(30.0 / 90 * 40 / 90, area(SvgIn.read("t", bytes, OptionalDouble.of(90), VectorLimits.USUAL)), 1e-9);
  }

  @Test
  void shapesTransformsStylesUseAndSymbolsComeIn() throws Trouble {
    ImportedDrawing b = svg("width='10in' height='10in' viewBox='0 0 100 100'><style>.leaf{fill:#00ff00} "
        + "#one{stroke:blue;stroke-width:2} rect{fill:red}</style>"
        + "<defs><symbol id='s' viewBox='0 0 10 10'><circle cx='5' cy='5' r='5'/></symbol><path id='p' class='leaf' d='M0 "
            + "0h10v10h-10z'/></defs>"
        + "<g transform='translate(10,10) scale(2)'><use href='#p' x='1'/></g>"
        + "<use xlink:href='#s' x='50' y='50' width='20' height='20'/>"
        + "<rect id='one' x='80' y='0' width='10' height='10' rx='2'/><ellipse cx='20' cy='80' rx='10' ry='5'/>"
        + "<polygon points='0,90 10,90 5,100'/><line x1='0' y1='50' x2='10' y2='50' stroke='black'/>"
        + "<g style='display:none'><rect width='100' height='100'/></g>");
    assertEquals(6, b.items().size());
    assertEquals("#00ff00", ((ItemShape) b.items().get(0)).fill().orElseThrow().hex());
    assertEquals(Math.PI, area(SvgOnly.of(b, 1)), 2e-3);
    ItemShape one = (ItemShape) b.items().get(2);
    assertEquals("#ff0000", one.fill().orElseThrow().hex());
    assertEquals(0.2 * 72, one.line().orElseThrow().widthPt(), 1e-9);
    assertEquals(1 - (4 - Math.PI) * 0.04, area(SvgOnly.of(b, 2)), 1e-3);
    assertTrue(b.left().isEmpty(), b.left().toString());
  }

  /** One item of what was brought. */
  private static final class SvgOnly {
    static ImportedDrawing of(ImportedDrawing b, int index) {
      return new ImportedDrawing(List.of(b.items().get(index)), b.pictures(), b.size(), true, List.of());
    }
  }

  @Test
  void holesClipsGradientsArcsAndNestedViewsComeIn() throws Trouble {
    ImportedDrawing holes = svg("width='4in' height='4in' viewBox='0 0 4 4'><path fill-rule='evenodd' d='M0 0H4V4H0ZM1 1H3V3H1Z'/>");
    assertEquals(12, area(holes), 1e-9);
    ImportedDrawing clipped = svg("width='4in' height='4in' viewBox='0 0 4 4'><clipPath id='c'><circle cx='2' cy='2' "
        + "r='1'/></clipPath><rect clip-path='url(#c)' width='4' height='4'/>");
    assertEquals(Math.PI, area(clipped), 2e-3);
    ImportedDrawing shaded = svg("width='1in' height='1in' viewBox='0 0 1 1'><linearGradient id='g' x2='0' y2='1'><stop offset='0' "
        + "stop-color='red'/><stop offset='1' stop-color='blue'/></linearGradient><rect fill='url(#g)' width='1' height='1'/>");
    FillStyle.Gradient gradient = (FillStyle.Gradient) ((ItemShape) shaded.items().get(0)).fillStyle().orElseThrow();
    assertEquals(90, gradient.degrees(), 1e-9);
    ImportedDrawing arc = svg("width='4in' height='4in' viewBox='0 0 4 4'><path d='M1 2A1 1 0 1 1 3 2A1 1 0 0 1 1 2z'/>");
    assertEquals(Math.PI, area(arc), 1e-3);
    ImportedDrawing quadratic = svg("width='4in' height='4in' viewBox='0 0 4 4'><path d='M0 0Q2 4 4 0z'/>");
    assertEquals(2.0 / 3 * 4 * 2, area(quadratic), 1e-9, "Archimedes: two thirds of the box of the parabola");
    ImportedDrawing nested = svg("width='4in' height='4in' viewBox='0 0 4 4'><svg x='1' y='1' width='2' height='2' viewBox='0 0 10 "
        + "10'><rect width='10' height='10'/></svg>");
    assertEquals(4, area(nested), 1e-9);
    assertEquals(1, box(nested).x(), 1e-9);
  }

  @Test
  void textAndEmbeddedPicturesComeInAndNothingIsFetched() throws Trouble {
    String png = Base64.getEncoder().encodeToString(Made.png(20, 10));
    ImportedDrawing b = svg("width='4in' height='4in' viewBox='0 0 400 400'><text x='200' y='100' font-family='Alegreya' "
        + "font-size='50' text-anchor='middle'>Beans</text>"
        + "<image width='200' height='100' y='200' xlink:href='data:image/png;base64," + png + "'/>"
        + "<image width='10' height='10' xlink:href='http://example.invalid/x.png'/><use href='other.svg#a'/><rect width='4' "
            + "height='4' filter='url(#f)'/><foreignObject/>");
    HoldsWords words = (HoldsWords) b.items().get(0);
    assertEquals("Beans", words.text());
    assertEquals(36, words.style().sizePt(), 1e-9);
    assertEquals(2, words.placement().centre().x(), 0.03);
    Item photo = b.items().get(1);
    assertEquals(2, photo.placement().width(), 1e-9);
    assertEquals(4, b.left().size(), b.left().toString());
    Edit place = DrawingIn.place("f1", "sign.svg", b, new Point(2, 2));
    Job job = place.change().apply(Made.card());
    assertEquals(1, job.pictures().size());
    assertEquals("sign", job.faces().get(0).items().get(0).properties().name());
  }

  @Test
  void hostileFilesAreRefusedWithASentence() {
    assertThrows(Trouble.class, () -> svg("width='1in'><rect"));
    String bomb = "<!DOCTYPE svg [<!ENTITY a 'xxxxxxxxxx'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;'><!ENTITY c "
        + "'&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;'><!ENTITY d '&c;&c;&c;&c;&c;&c;&c;&c;&c;&c;'>]>"
        + HEAD + "width='1in' height='1in'><text>&d;&d;&d;</text></svg>";
    assertThrows(Trouble.class, () -> SvgIn.read("b", bomb.getBytes(StandardCharsets.UTF_8), OptionalDouble.empty(), VectorLimits.USUAL));
    StringBuilder uses = new StringBuilder(HEAD + "width='1in' height='1in' viewBox='0 0 9 9'><g id='a0'><rect width='1' height='1'/></g>");
    for (int i = 1; i < 12; i++) {
      uses.append("<g id='a").append(i).append("'>").append(("<use href='#a" + (i - 1) + "'/>").repeat(8)).append("</g>");
    }
    Trouble trouble = assertThrows(Trouble.class,
        () -> SvgIn.read("u", uses.append("</svg>").toString().getBytes(StandardCharsets.UTF_8), OptionalDouble.empty(),
        VectorLimits.USUAL));
    assertTrue(trouble.getMessage().contains("more objects"), trouble.getMessage());
    String loop = "width='1in' height='1in'><g id='l'><use href='#l'/></g>";
    assertThrows(Trouble.class, () -> svg(loop));
    String outside = "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>" + HEAD + "width='1in' height='1in'><text>&x;</text></svg>";
    try {
      ImportedDrawing b = SvgIn.read("x", outside.getBytes(StandardCharsets.UTF_8), OptionalDouble.empty(), VectorLimits.USUAL);
      assertTrue(b.items().isEmpty(), "nothing of another file comes in");
    } catch (Trouble refused) {
      assertFalse(refused.getMessage().isBlank());
    }
  }

  /** Drawings written by another library (Debian's python3-ezdxf) come in at their size, whatever their unit. */
  @Test
  void drawingsOfAnotherLibraryComeInAtTheirSize(@TempDir Path folder) throws Exception {
    Path script = folder.resolve("make.py");
    Files.writeString(script, String.join("\n",
        "import ezdxf, sys",
        "for unit, per, name in ((1, 1, 'in'), (4, 25.4, 'mm'), (5, 2.54, 'cm'), (0, 1, 'none')):",
        "    d = ezdxf.new('R2000'); d.header['$INSUNITS'] = unit; m = d.modelspace()",
        "    m.add_lwpolyline([(0, 0, 0), (4*per, 0, 1), (4*per, 2*per, 0), (0, 2*per, 0)], format='xyb', close=True, "
            + "dxfattribs={'layer': 'outer'})",
        "    m.add_circle((1*per, 1*per), 0.5*per)",
        "    m.add_line((0, 3*per), (2*per, 3*per)); m.add_arc((2*per, 4*per), 1*per, 270, 90); m.add_line((2*per, 5*per), (0, "
            + "5*per)); m.add_line((0, 5*per), (0, 3*per))",
        "    b = d.blocks.new('B'); b.add_circle((0, 0), 0.25*per); m.add_blockref('B', (6*per, 1*per), dxfattribs={'xscale': 2, "
            + "'yscale': 2})",
        "    m.add_spline().set_uniform([(7*per, 0, 0), (8*per, 2*per, 0), (9*per, -2*per, 0), (10*per, 0, 0), (11*per, 1*per, 0)])",
        "    m.add_text('note')",
        "    d.saveas(sys.argv[1] + '/' + name + '.dxf')"));
    Process process = new ProcessBuilder("/usr/bin/python3", script.toString(), folder.toString()).redirectErrorStream(true)
        .redirectOutput(folder.resolve("log").toFile()).start();
    assertTrue(process.waitFor(60, TimeUnit.SECONDS));
    assertEquals(0, process.exitValue(), Files.readString(folder.resolve("log")));
    for (String unit : List.of("in", "mm", "cm", "none")) {
      ImportedDrawing b = Importers.drawing(folder.resolve(unit + ".dxf"), OptionalDouble.empty());
      assertEquals(!unit.equals("none"), b.sized());
      assertEquals(1, b.left().size(), "the text is listed: " + b.left());
      Forms forms = new Forms(Made.card());
      Item outer = b.items().stream().filter(i -> i.properties().name().startsWith("outer")).findFirst().orElseThrow();
      assertEquals(4 * 2 + Math.PI / 2, Extent.area(forms.outline(outer)), 1e-3, unit + ": a box with a half round at its right");
      List<Item> rest = b.items().stream().filter(i -> !i.members().isEmpty()).flatMap(i -> i.members().stream()).toList();
      assertTrue(rest.stream().anyMatch(i -> Math.abs(Extent.area(forms.outline(i)) - (2 * 2 + Math.PI / 2)) < 1e-3),
          "four lines and arcs became one outline");
      assertEquals(2, rest.stream().filter(i -> Math.abs(Extent.area(forms.outline(i)) - Math.PI / 4) < 1e-3).count(),
          "the circle, and the one of the block");
      assertEquals(10, b.size().width(), 1e-6, "an open uniform spline ends at (9 + 4·10 + 11) / 6");
    }
  }
}
