package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Load;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.picture.PdfPages;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;

/** What was taken in can always be saved and opened again; what asks for too much is refused before it is worked out. */
class DoorsTest {
  @TempDir private Path folder;

  private static Job savedAndOpened(Picture picture) throws Exception {
    Job job = Made.with(picture, Made.background("i1"), Made.photo("i2", picture, 1, 1, 2, 2));
    Job again = ThimbleFile.read("x", new ByteArrayInputStream(ThimbleFile.bytes(job)));
    assertEquals(job, again);
    return again;
  }

  private static byte[] page(byte[] before) throws Exception {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(144, 144));
      document.addPage(page);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.addRect(10, 10, 100, 100);
        content.fill();
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      out.writeBytes(before);
      document.save(out);
      return out.toByteArray();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "\n", "\r\n\r\n", "\u00ef\u00bb\u00bf", "some words before\n"})
  void aPdfPageThatBeginsWithSomethingElseIsSavedAndOpened(String before) throws Exception {
    byte[] bytes = page(before.getBytes(StandardCharsets.ISO_8859_1));
    for (Picture picture : PdfPages.of("page.pdf", bytes, Pictures.Limits.USUAL)) {
      savedAndOpened(picture);
    }
  }

  @Test
  void aPageThatIsRefusedIsRefusedAtEveryDoor() throws Exception {
    byte[] far = page(" ".repeat(2000).getBytes(StandardCharsets.ISO_8859_1));
    assertThrows(Trouble.class, () -> PdfPages.of("page.pdf", far, Pictures.Limits.USUAL));
    assertThrows(Trouble.class, () -> Pictures.look("page.pdf", far, Pictures.Limits.USUAL));
  }

  private static byte[] tiff(int type, boolean signed) throws Exception {
    ComponentColorModel model = new ComponentColorModel(ColorSpace.getInstance(ColorSpace.CS_GRAY), false, false,
        ComponentColorModel.OPAQUE, type);
    WritableRaster raster = model.createCompatibleWritableRaster(40, 30);
    for (int y = 0; y < 30; y++) {
      for (int x = 0; x < 40; x++) {
        raster.setSample(x, y, 0, type == DataBuffer.TYPE_FLOAT ? x / 39.0 : signed ? (x - 20) * 1500 : x * 1500);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.setUseCache(false);
    assertTrue(ImageIO.write(new BufferedImage(model, raster, false, null), "tiff", out));
    return out.toByteArray();
  }

  @Test
  void tiffsOfFloatsAndOfSignedGreysAreDrawnSavedAndOpened() throws Exception {
    for (byte[] bytes : List.of(tiff(DataBuffer.TYPE_FLOAT, false), tiff(DataBuffer.TYPE_SHORT, true))) {
      Picture picture = Pictures.look("grey.tif", bytes, Pictures.Limits.USUAL);
      BufferedImage drawn = Pictures.decode(picture);
      assertTrue((drawn.getRGB(38, 10) & 255) > (drawn.getRGB(22, 10) & 255), "it grows lighter to the right");
      savedAndOpened(picture);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 16, 17})
  void aWebpOfFewColoursIsNoDamagedOne(int colours) throws Exception {
    Path png = folder.resolve("few.png");
    Path webp = folder.resolve("few.webp");
    BufferedImage image = new BufferedImage(37, 23, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 37 * 23; i++) {
      image.setRGB(i % 37, i / 37, 0x304050 + (i * 7 % colours) * 0x080B0D);
    }
    ImageIO.write(image, "png", png.toFile());
    Process process = new ProcessBuilder("convert", png.toString(), "-define", "webp:lossless=true", webp.toString()).start();
    assertEquals(0, process.waitFor());
    Picture picture = Pictures.look("few.webp", Files.readAllBytes(webp), Pictures.Limits.USUAL);
    BufferedImage drawn = Pictures.decode(picture);
    for (int i = 0; i < 37 * 23; i++) {
      assertEquals(image.getRGB(i % 37, i / 37), drawn.getRGB(i % 37, i / 37), "pixel " + i);
    }
  }

  @Test
  void aHeadOfAFewBytesThatAsksForAGreatSheetIsRefused() {
    ByteBuffer head = ByteBuffer.allocate(38).order(ByteOrder.LITTLE_ENDIAN);
    head.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(30).put("WEBPVP8L".getBytes(StandardCharsets.US_ASCII)).putInt(18)
        .put((byte) 0x2F);
    head.putInt(14_799 | 14_799 << 14);
    Trouble trouble = assertThrows(Trouble.class, () -> Pictures.look("hollow.webp", head.array(), Pictures.Limits.USUAL));
    assertTrue(trouble.getMessage().contains("hollow.webp"), trouble.getMessage());
  }

  @Test
  void theLimitOfPicturesFollowsTheMemoryThereIs() {
    assertEquals(220_000_000, Pictures.Limits.within(4_000_000_000L).pixels());
    assertTrue(Pictures.Limits.within(1_000_000_000L).pixels() * 4 < 1_000_000_000L * 3 / 4, "decoded it leaves a quarter");
  }

  @Test
  void formsThatDoubleThirtyDeepAreStopped() throws Exception {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(144, 144));
      document.addPage(page);
      PDFormXObject inner = null;
      for (int i = 0; i < 30; i++) {
        PDFormXObject form = new PDFormXObject(document);
        form.setBBox(new PDRectangle(144, 144));
        form.setResources(new PDResources());
        String content = "0 0 1 1 re f\n";
        if (inner != null) {
          COSName name = form.getResources().add(inner);
          content = "/" + name.getName() + " Do /" + name.getName() + " Do\n";
        }
        try (var out = form.getContentStream().createOutputStream()) {
          out.write(content.getBytes(StandardCharsets.US_ASCII));
        }
        inner = form;
      }
      PDResources resources = new PDResources();
      page.setResources(resources);
      COSName name = resources.add(inner);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.drawForm((PDFormXObject) resources.getXObject(name));
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      Trouble trouble = assertThrows(Trouble.class, () -> PdfPages.of("doubling.pdf", out.toByteArray(), Pictures.Limits.USUAL));
      assertTrue(trouble.getMessage().contains("doubling.pdf"), trouble.getMessage());
    }
  }

  private static String tooMuch(Job job) {
    return assertThrows(Trouble.class, () -> Load.check(job)).getMessage();
  }

  @Test
  void repeatsInRepeatsAreRefusedBeforeTheyAreWorkedOut() throws Exception {
    Job once = Shaping.repeat("f1", Set.of("i1"), new Pattern.Grid(70, 70, 0.1, 0.1, false)).change()
        .apply(Made.card(Made.ellipse("i1", 0, 0, 0.01, 0.01)));
    Load.check(once);
    Item inner = once.faces().get(0).items().get(0);
    ItemGroup outer = new ItemGroup(ItemProperties.of("i9", "Outer"), inner.placement(), inner.holder().orElseThrow().inner(),
        List.of(inner),
        new LiveEffect.Repeated(new Pattern.Grid(70, 70, 0.1, 0.1, false)));
    Job twice = Made.card(outer);
    assertTrue(tooMuch(twice).contains("front"));
    Trouble saved = assertThrows(Trouble.class, () -> ThimbleFile.bytes(twice));
    assertTrue(saved.getMessage().contains("60000"), saved.getMessage());
  }

  @Test
  void ringsInRingsManyGapsAndLongBlocksAreRefused() throws Exception {
    List<Double> distances = new ArrayList<>();
    for (int i = 1; i <= 20; i++) {
      distances.add(i * 0.01);
    }
    Item inside = Made.ellipse("i1", 1, 1, 1, 1);
    for (int i = 0; i < 4; i++) {
      inside = new ItemGroup(ItemProperties.of("g" + i, "Rings"), inside.placement(), new org.zipthimble.core.units.Size(1, 1),
          List.of(inside),
          new LiveEffect.Rings(distances, Corner.ROUND, false, true, 128,
          new Look(java.util.Optional.of(Made.BEET), java.util.Optional.empty())));
    }
    Job rings = Made.card(inside);
    assertTrue(tooMuch(rings).contains("outlines"));
    Item[] gaps = new Item[700];
    for (int i = 0; i < gaps.length; i++) {
      Item one = Made.ellipse("i" + (i + 1), i % 25 * 0.2, i / 25 * 0.2, 0.1, 0.1);
      gaps[i] = one.with(one.properties().withClearGap(0.01));
    }
    assertTrue(tooMuch(Made.card(gaps)).contains("clear a gap"));
    Job words = Made.card(Made.words("i1", "bean ".repeat(50_000), 1, 1, 3, 5, Made.style("Figtree", "Regular", 8)));
    assertTrue(tooMuch(words).contains("250000 characters"), tooMuch(words));
    assertThrows(Trouble.class, () -> ThimbleFile.save(words, folder.resolve("words.thimble")));
    assertFalse(Files.exists(folder.resolve("words.thimble")));
    org.zipthimble.core.geom.Path.Builder path = org.zipthimble.core.geom.Path.build().start(0, 0);
    for (int i = 1; i < Load.MOST_PLACES + 2; i++) {
      path = path.line(i % 1000 / 1000.0, i / 1e6);
    }
    Job outline = Made.card(Drawings.shape(ItemProperties.of("i1", "Coast"), path.close().path(), java.util.Optional.of(Made.BEET),
        java.util.Optional.empty()));
    assertTrue(tooMuch(outline).contains("points"));
  }

  private ImportedDrawing svg(String text) throws Exception {
    Path file = folder.resolve("drawing.svg");
    Files.writeString(file, text);
    return Importers.drawing(file, OptionalDouble.empty());
  }

  /** Of 400 kB each; read more than once from front to back they would take days. */
  @Test
  void styleSheetsNumbersAndTransformsThatDoNotEndAreReadOnce() throws Exception {
    String shape = "<rect width=\"10\" height=\"10\" class=\"a\"/>";
    List<String> styles = List.of("/* ".repeat(130_000), "@media ".repeat(57_000), "a{".repeat(200_000), "{".repeat(400_000),
        "a,".repeat(200_000) + "{fill:red}",
        "@media print {" + ".b{fill:red}".repeat(30_000), "." + "a".repeat(400_000) + "{fill:red}", "<!--".repeat(100_000));
    for (String style : styles) {
      svg("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"1in\" height=\"1in\" viewBox=\"0 0 96 96\"><style><![CDATA[" + style
          + "]]></style>" + shape + "</svg>");
    }
    for (String transform : List.of("matrix(".repeat(57_000), "translate(1" + " ".repeat(400_000), "rotate" + "(".repeat(400_000),
        "1".repeat(400_000))) {
      svg("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"1in\" height=\"1in\" viewBox=\"0 0 96 96\"><g transform=\"" + transform
          + "\">" + shape + "</g></svg>");
    }
    for (String number : List.of("1".repeat(400_000) + "x", " ".repeat(400_000) + "1", "1e" + "9".repeat(400_000) + "x")) {
      try {
        svg("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"1in\" height=\"1in\" viewBox=\"0 0 96 96\"><rect width=\"" + number
            + "\" height=\"10\"/></svg>");
      } catch (Trouble refused) {
        assertTrue(refused.getMessage().contains("drawing.svg"));
      }
    }
  }

  private String dxf(String entities) throws Exception {
    Path file = folder.resolve("drawing.dxf");
    Files.writeString(file, "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n1\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n" + entities
        + "0\nENDSEC\n0\nEOF\n");
    try {
      ImportedDrawing drawn = Importers.drawing(file, OptionalDouble.empty());
      return drawn.items().size() + " brought";
    } catch (Trouble refused) {
      return refused.getMessage();
    }
  }

  private static String line(double a, double b, double c, double d) {
    return "0\nLINE\n8\n0\n10\n" + a + "\n20\n" + b + "\n11\n" + c + "\n21\n" + d + "\n";
  }

  /** Each is looked at once; looked at again for every other they would take hours. */
  @Test
  void linesFromOnePlaceEqualLinesAndLongSplinesAreReadOnce() throws Exception {
    StringBuilder star = new StringBuilder();
    for (int i = 0; i < 60_000; i++) {
      star.append(line(5, 5, 5 + 4 * Math.cos(i), 5 + 4 * Math.sin(i)));
    }
    assertTrue(dxf(star.toString()).contains("more objects"));
    assertTrue(dxf(line(1, 1, 2, 2).repeat(200_000)).contains("more objects"));
    int n = 20_000;
    StringBuilder spline = new StringBuilder("0\nSPLINE\n8\n0\n70\n8\n71\n3\n72\n" + (n + 4) + "\n73\n" + n + "\n");
    for (int i = 0; i < n + 4; i++) {
      spline.append("40\n").append(Math.max(0, Math.min(n - 3, i - 3))).append('\n');
    }
    for (int i = 0; i < n; i++) {
      spline.append("10\n").append(i * 0.001).append("\n20\n").append(i % 7 * 0.01).append('\n');
    }
    assertEquals("1 brought", dxf(spline.toString()));
  }

  @Test
  void rulesStillHoldInTheirOrderAndWeight() throws Exception {
    String css = "/* first */ rect{fill:#ff0000} .a{fill:#00ff00} @font-face{font-family:x;src:url(y)} #n{fill:#0000ff} "
        + ".b,.c{stroke:#123456} *{opacity:1} .a{fill:#0a0b0c}";
    ImportedDrawing drawn = svg("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"1in\" height=\"1in\" viewBox=\"0 0 96 96\"><style>"
        + css + "</style>"
        + "<rect width=\"10\" height=\"10\"/><rect class=\"a\" width=\"10\" height=\"10\"/><rect class=\"a\" id=\"n\" width=\"10\" "
            + "height=\"10\"/></svg>");
    List<String> fills = drawn.items().stream().flatMap(i -> i.withMembers().stream()).flatMap(i -> i.outlined().stream())
        .map(s -> s.fill().orElseThrow().hex().toLowerCase(java.util.Locale.ROOT)).toList();
    assertEquals(List.of("#ff0000", "#0a0b0c", "#0000ff"), fills);
  }

  @Test
  void aDamagedDrawingSaysWhereItIs() {
    Trouble trouble = assertThrows(Trouble.class, () -> svg("<svg xmlns=\"http://www.w3.org/2000/svg\">\n<rect>\n</svg>"));
    assertTrue(trouble.getMessage().contains("at line 3"), trouble.getMessage());
  }

  @Test
  void anIdNearTheEndOfAllNumbersLeavesRoomForMore() {
    Job job = Made.card(Made.ellipse("i99999999", 1, 1, 1, 1), Made.ellipse("i7", 2, 2, 1, 1));
    for (int i = 0; i < 5; i++) {
      Item next = Made.ellipse(job.freshId(), 1, 1, 1, 1);
      job = job.changed("f1", f -> f.withItems(java.util.stream.Stream.concat(f.items().stream(), java.util.stream.Stream.of(next))
          .toList()));
    }
    assertEquals(7, job.faces().get(0).items().size());
    assertEquals("i13", job.freshId());
  }

  @ParameterizedTest
  @ValueSource(strings = {".", "..", "...", " .. "})
  void namesOfFilesNeverLeaveTheFolder(String naming) {
    ShopCard card = ShopShelf.shipped().get(0);
    ShopCard odd = new ShopCard(card.name(), card.to(), card.bleed(), card.safe(), card.ppi(), card.limit(), card.formats(), card.fewest(),
        card.most(), card.cropMarks(), naming);
    assertEquals("file-1", odd.fileName("job", "item", 1));
  }
}
