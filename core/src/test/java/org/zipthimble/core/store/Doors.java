package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.DrawingIn;
import org.zipthimble.core.bring.DxfIn;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.bring.PaletteFile;
import org.zipthimble.core.bring.SvgIn;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.bring.VectorLimits;
import org.zipthimble.core.bring.WordsIn;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.ColourText;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.paint.DxfFile;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.paint.SvgFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.PdfPages;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Every door by which files and typed text come in, with something sound for each. */
final class Doors {
  private static final String DOCUMENT = "word/document.xml";
  private static final int WHOLE = 8;
  private static final String GRID = "xl/worksheets/sheet1.xml";
  private static final VectorLimits SMALL = new VectorLimits(2_000_000, 2_000, 200_000, 20);
  private static final Pictures.Limits FEW = new Pictures.Limits(2_000_000, 4_000_000);
  /** What a door makes of bytes; only {@link Trouble} may come out of it otherwise. */
  interface Door {
    void take(byte[] bytes) throws Exception;
  }

  record Entry(Door door, List<byte[]> sound) {}

  private final Path folder;

  Doors(Path folder) {
    this.folder = folder;
  }

  static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /**
   * Saved and opened again a job is the same. Its preview and fonts, which take most of the time and are not read again, are made for one
   * in eight, chosen by its description.
   */
  private static void keeps(Job job) throws Exception {
    byte[] bare = ThimbleFile.bare(job);
    byte[] saved = Arrays.hashCode(bare) % WHOLE == 0 || !job.fonts().isEmpty() ? ThimbleFile.bytes(job) : bare;
    assertEquals(job, ThimbleFile.read("kept.thimble", new ByteArrayInputStream(saved)), "what was taken in can be saved and opened again");
  }

  private static void placed(List<Picture> pictures) throws Exception {
    for (Picture picture : pictures) {
      Pictures.decode(picture);
      keeps(Made.with(picture, Made.photo("i1", picture, 0.5, 0.5, 2, 2)));
    }
  }

  private static void drawn(ImportedDrawing drawing) throws Exception {
    Job card = Made.card();
    keeps(DrawingIn.place("f1", "drawing", drawing, new Point(2, 2)).change().apply(card));
  }

  /** A font that is taken in sets words, is drawn and goes into a PDF. */
  private static void set(byte[] font) throws Exception {
    FontFace.tried("Made", "Regular", font);
    Job job = Made.card(Made.words("i1", "Bring seeds, 24 Ä ½", 1, 1, 3, 1, Made.style("Made", "Regular", 24)));
    Job carried = job.withFonts(List.of(new CarriedFont("Made", "Regular", new Blob(font))));
    keeps(carried);
    PdfPainter.bytes("a", List.of(Imposition.of(carried, carried.faces().get(0), PageOptions.of(carried))), Progress.SILENT);
  }

  Map<String, Entry> all() throws Exception {
    Map<String, Entry> doors = new TreeMap<>();
    Job job = Made.with(Made.picture(60, 40), Made.background("i1"), Made.drawn("i2"),
        Made.words("i3", "Bring seeds", 1, 1, 3, 1, Made.style("Fraunces", "Regular", 24)));
    byte[] saved = ThimbleFile.bytes(job);
    doors.put("job file", new Entry(b -> keeps(ThimbleFile.read("a.thimble", new ByteArrayInputStream(b))), List.of(saved)));
    doors.put("job description", new Entry(b -> keeps(ThimbleFile.read("a.thimble", new ByteArrayInputStream(with(saved, "job.json", b)))),
        List.of(inside(saved, "job.json"))));
    VectorSheet sheet = new VectorSheet("Seeds", new Size(6, 4),
        List.of(new VectorSheet.Layer("Cut through leaf", Colour.BLACK, List.of(0.1, 0.1), List.of(
        new VectorSheet.Line("Star", ReadyForm.STAR.path(2, 2, List.of(5.0, 0.5, 0.1)), Optional.empty()),
        new VectorSheet.Line("Fold", Shapes.line(new Point(0, 1), new Point(3, 1)), Optional.empty())))));
    String svg = SvgFile.text(sheet).replace("</svg>",
        "<style>.a{fill:#123;stroke-width:2} g>rect{fill:red}</style><g id='a' transform='rotate(20) scale(2)' class='a'>"
        + "<rect width='1' height='1'/><text x='1' y='1'>seeds</text></g><use href='#a' x='3'/><clipPath id='c'><circle "
            + "r='1'/></clipPath><path clip-path='url(#c)' d='M0 0C1 1 2 0 3 3Z'/></svg>");
    doors.put("SVG", new Entry(b -> drawn(SvgIn.read("a.svg", b, OptionalDouble.empty(), SMALL)), List.of(utf8(svg))));
    doors.put("DXF", new Entry(b -> drawn(DxfIn.read("a.dxf", b, OptionalDouble.empty(), SMALL)), List.of(utf8(DxfFile.text(sheet)))));
    doors.put("PDF", new Entry(b -> placed(PdfPages.of("a.pdf", b, FEW)), List.of(
        PdfPainter.bytes("a", List.of(Imposition.of(job, job.faces().get(0), PageOptions.of(job))), Progress.SILENT), plainPdf())));
    doors.put("picture", new Entry(b -> placed(List.of(Pictures.look("a", b, FEW))), pictures()));
    doors.put("profile", new Entry(b -> {
      Press press = Press.of(Profile.read(b), Intent.RELATIVE, true);
      press.seen(press.ink(Made.BEET));
      keeps(job.withColour(job.colour().withOwn(Optional.of(press.profile()))));
    }, List.of(Profile.shipped().bytes())));
    byte[] font = BundledFonts.open("Figtree_400Regular_Italic.ttf").readAllBytes();
    doors.put("font", new Entry(Doors::set, List.of(font)));
    doors.put("palette", new Entry(b -> keeps(job.withPalette(job.palette().withSwatches(PaletteFile.read("a.gpl", b)))),
        List.of(PaletteFile.write("a.gpl", "Seeds", List.of(Swatch.of("Beet", Made.BEET), Swatch.of("Cream", Made.CREAM))))));
    doors.put("palette of properties", new Entry(b -> keeps(job.withPalette(job.palette().withSwatches(PaletteFile.read("a.css", b)))),
        List.of(utf8(":root { --beet: #7A2E22; --cream: #FBF5E6; }"))));
    Path shops = Files.createDirectories(folder.resolve("shops"));
    ShopShelf.keep(shops, ShopShelf.shipped().get(0));
    List<byte[]> cards = new ArrayList<>();
    try (var files = Files.list(shops)) {
      for (Path card : files.filter(Files::isRegularFile).toList()) {
        cards.add(Files.readAllBytes(card));
      }
    }
    doors.put("shop card", new Entry(b -> ShopShelf.read("a.json", b), cards));
    Path settings = folder.resolve("settings.json");
    doors.put("settings", new Entry(b -> {
      Files.write(settings, b);
      Settings.read(settings);
    }, List.of(utf8("{\"night\":true,\"scale\":1.25,\"recent\":[\"a.thimble\"],\"nudge\":0.0625}"))));
    doors.put("typed figures", new Entry(b -> {
      String text = new String(b, StandardCharsets.UTF_8);
      assertTrue(Double.isFinite(Lengths.parse(text, Unit.INCH)));
    }, List.of(utf8("4 3/4 in"), utf8("2 + 2*1/8"), utf8("120 mm - 1/16 in"))));
    doors.put("typed colours", new Entry(b -> ColourText.read(new String(b, StandardCharsets.UTF_8), job.colour().press()),
        List.of(utf8("#7A2E22"), utf8("cmyk 10 20 30 5"), utf8("lab 50 20 30"))));
    doors.put("outline text", new Entry(b -> {
      try {
        PathText.read(new String(b, StandardCharsets.UTF_8));
      } catch (IllegalArgumentException noOutline) {
        assertTrue(noOutline.getMessage() != null);
      }
    }, List.of(utf8("M0 0L1 1C2 2 3 3 4 4Q1 2 3 4A1 1 0 0 1 2 2Z"))));
    papers(doors);
    return doors;
  }

  /** A page whose drawing is not packed, so that damage reaches its operators. */
  static byte[] plainPdf() {
    String drawing =
        "q 1 0 0 1 10 10 cm 0.5 0.2 0.1 rg 0 0 50 40 re f Q\nBT /F1 12 Tf 20 20 Td (seeds) Tj ET\n1 0 0 RG 0 0 m 10 20 30 40 50 60 c S\n";
    return utf8("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n"
        + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 100 100]/Contents 4 0 "
            + "R/Resources<</Font<</F1<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>>>>>>>endobj\n"
        + "4 0 obj<</Length " + drawing.length() + ">>stream\n" + drawing + "endstream endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n");
  }

  private List<byte[]> pictures() throws Exception {
    BufferedImage image = Made.chequers(40, 30);
    List<byte[]> out = new ArrayList<>();
    for (String kind : List.of("png", "jpg", "gif", "bmp", "tiff")) {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      assertTrue(ImageIO.write(image, kind, bytes), kind);
      out.add(bytes.toByteArray());
    }
    Path png = Files.write(folder.resolve("a.png"), out.get(0));
    Path webp = folder.resolve("a.webp");
    Process made = new ProcessBuilder("convert", png.toString(), webp.toString()).redirectErrorStream(true).start();
    assertTrue(made.waitFor(60, TimeUnit.SECONDS) && made.exitValue() == 0);
    out.add(Files.readAllBytes(webp));
    return out;
  }

  /** One file inside a packed one. */
  private static byte[] inside(byte[] packed, String name) throws Exception {
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(packed))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().equals(name)) {
          return in.readAllBytes();
        }
      }
    }
    throw new IllegalStateException(name + " is not inside");
  }

  /** The same packed file with another body for one name, so that damage reaches what is read after unpacking. */
  private static byte[] with(byte[] packed, String name, byte[] body) throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(packed)); ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] old = in.readAllBytes();
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(entry.getName().equals(name) ? body : old);
        out.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  private static byte[] packed(String... namesAndBodies) throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (int i = 0; i < namesAndBodies.length; i += 2) {
        out.putNextEntry(new ZipEntry(namesAndBodies[i]));
        out.write(utf8(namesAndBodies[i + 1]));
        out.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  private static byte[] docx() throws Exception {
    return packed("[Content_Types].xml", "<Types/>", DOCUMENT,
        "<?xml version=\"1.0\"?><w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body>"
        + "<w:p><w:pPr><w:jc w:val=\"center\"/></w:pPr><w:r><w:rPr><w:b/><w:sz w:val=\"40\"/><w:color "
            + "w:val=\"7A2E22\"/></w:rPr><w:t>Spring Swap</w:t></w:r></w:p>"
        + "<w:p><w:r><w:t xml:space=\"preserve\">Bring </w:t><w:tab/><w:br/><w:t>seeds</w:t></w:r></w:p></w:body></w:document>");
  }

  private static byte[] xlsx() throws Exception {
    String office = "http://schemas.openxmlformats.org/";
    String relation = office + "officeDocument/2006/relationships/";
    return packed(
        "[Content_Types].xml", "<Types xmlns=\"" + office + "package/2006/content-types\"/>",
        "_rels/.rels", "<Relationships xmlns=\"" + office + "package/2006/relationships\"><Relationship Id=\"r1\" Type=\"" + relation
        + "officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>",
        "xl/workbook.xml", "<workbook xmlns=\"" + office + "spreadsheetml/2006/main\" xmlns:r=\""
        + relation.substring(0, relation.length() - 1)
        + "\"><sheets><sheet name=\"Guests\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>",
        "xl/_rels/workbook.xml.rels", "<Relationships xmlns=\"" + office + "package/2006/relationships\"><Relationship Id=\"r1\" Type=\""
        + relation + "worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>",
        GRID, "<worksheet xmlns=\"" + office + "spreadsheetml/2006/main\"><sheetData><row r=\"1\"><c r=\"A1\" "
            + "t=\"inlineStr\"><is><t>name</t></is></c><c r=\"B1\" t=\"inlineStr\"><is><t>table</t></is></c></row>"
            + "<row r=\"2\"><c r=\"A2\" t=\"inlineStr\"><is><t>Bean</t></is></c><c r=\"B2\"><v>3</v></c></row></sheetData></worksheet>");
  }

  private static void listed(byte[] bytes) throws Exception {
    assertTrue(!TableIn.read("a", bytes, Optional.empty(), Optional.empty()).list().columns().isEmpty());
  }

  private static void told(byte[] bytes) throws Exception {
    Story story = WordsIn.read("a", bytes, Made.style("Alegreya", "Regular", 12)).story();
    keeps(Made.card(Made.words("i1", "seeds", 1, 1, 3, 4, Made.style("Alegreya", "Regular", 12)).withStory(story)));
  }

  /** Lists, words, things and press cards. */
  private void papers(Map<String, Entry> doors) throws Exception {
    doors.put("list",
        new Entry(Doors::listed, List.of(utf8("name,note\n\"Bean, runner\",\"said \"\"sow\"\"\"\nPea,x\n"), utf8("name;table\nBean;3\n"),
        utf8("name\ttable\nBean\t3\n"))));
    doors.put("workbook", new Entry(Doors::listed, List.of(xlsx())));
    doors.put("sheet of a workbook", new Entry(b -> listed(with(xlsx(), GRID, b)), List.of(inside(xlsx(), GRID))));
    doors.put("RTF", new Entry(Doors::told, List.of(utf8("{\\rtf1\\ansi\\deff0{\\fonttbl{\\f0 "
        + "Any;}}{\\colortbl;\\red122\\green46\\blue34;}\\pard\\qc\\b\\fs40 Spring Swap\\b0\\par Bring {\\i seeds} and "
        + "{\\cf1 labels}.\\line Gr\\u252?\\'fc\\'dfe\\emdash soon\\par}"))));
    doors.put("DOCX", new Entry(Doors::told, List.of(docx())));
    doors.put("words of a DOCX", new Entry(b -> told(with(docx(), DOCUMENT, b)), List.of(inside(docx(), DOCUMENT))));
    doors.put("plain words",
        new Entry(Doors::told, List.of(utf8("Bring seeds\nand labels, süß\n"), "Bring seeds".getBytes(StandardCharsets.UTF_16))));
    byte[] things = ThingShelf.class.getResourceAsStream("/org/zipthimble/core/things/things.json").readAllBytes();
    doors.put("things", new Entry(b -> {
      for (Thing thing : ThingShelf.read("a.json", b)) {
        keeps(ThingEdits.put(thing).change().apply(Made.card()));
      }
    }, List.of(things)));
    Path notebook = Files.createDirectories(folder.resolve("notebook"));
    doors.put("press cards", new Entry(b -> {
      for (PressCard card : PressShelf.fromCsv("a.csv", b)) {
        PressShelf.keep(notebook, card);
      }
    }, List.of(utf8(PressShelf.csv(PressShelf.shipped())))));
    List<byte[]> cards = new ArrayList<>();
    for (PressCard card : PressShelf.shipped().subList(0, 3)) {
      PressShelf.keep(notebook, card);
    }
    try (var files = Files.list(notebook)) {
      for (Path card : files.filter(Files::isRegularFile).sorted().toList()) {
        cards.add(Files.readAllBytes(card));
      }
    }
    doors.put("press card", new Entry(b -> PressShelf.read("a.json", b), cards));
  }
}
