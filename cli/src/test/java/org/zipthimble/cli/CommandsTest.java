package org.zipthimble.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.proof.PdfMeasure;
import org.zipthimble.core.proof.PngMeasure;
import org.zipthimble.samples.DemoShelf;

class CommandsTest {
  @TempDir private Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();
  private String good;
  private String faulty;

  @BeforeEach
  void jobs() throws IOException {
    good = put("swap-invitation.thimble");
    faulty = put("two-faults.thimble");
  }

  private String put(String name) throws IOException {
    Path file = folder.resolve(name);
    try (InputStream in = DemoShelf.open(name)) {
      Files.copy(in, file);
    }
    return file.toString();
  }

  private int run(String... arguments) {
    return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
  }

  private byte[] made(String name) throws IOException {
    return Files.readAllBytes(folder.resolve(name));
  }

  private String to(String name) {
    return folder.resolve(name).toString();
  }

  @Test
  void aListMakesPagesAndNamesRowsThatDoNotFit() throws Exception {
    String cards = put("place-cards.thimble");
    Path rows = folder.resolve("guests.csv");
    Files.writeString(rows, "name,table,dish\nOdile,1,soup\nMarguerite Thistlewood-Penhaligon of Upper Marrowfield and all of her "
        + "grandchildren,2,\nBram,3,pie\n");
    assertEquals(1, run("check", cards, "--rows", rows.toString()));
    assertTrue(out.toString().contains("In row 2, “Marguerite"), out.toString());
    Path pdf = folder.resolve("cards.pdf");
    assertEquals(0, run("make", cards, "--rows", rows.toString(), "--sheet", "off", "--to", pdf.toString()));
    assertEquals(3, PdfMeasure.of(pdf).pages().size());
    assertEquals(0, run("make", cards, "--rows", rows.toString(), "--sheet", "off", "--ppi", "50", "--to",
        folder.resolve("cards.png").toString()));
    assertTrue(Files.exists(folder.resolve("cards-1.png")) && Files.exists(folder.resolve("cards-3.png")), "a picture for each row");
    assertEquals(2, run("make", cards, "--rows", rows.toString(), "--to", folder.resolve("cards.svg").toString()));
    assertTrue(err.toString().contains("Ask for a .pdf file"), err.toString());
    assertEquals(2, run("check", cards, "--rows", folder.resolve("none.csv").toString()));
  }

  /** One print file and the cut files that belong to it: one for full sheets of 20, one for the last with 4. */
  @Test
  void labelsFromAListLeaveWithTheCutsOfTheirSheets() throws Exception {
    String labels = put("jar-labels.thimble");
    assertEquals(0, run("make", labels, "--to", to("labels.pdf"), "--to", to("cuts.plt")), err.toString());
    int sheets = PdfMeasure.of(folder.resolve("labels.pdf")).pages().size();
    assertEquals(2, sheets, "24 labels");
    assertEquals(20, downs("cuts-1.plt"));
    assertEquals(4, downs("cuts-2.plt"));
  }

  /** How often the tool is lifted onto another place and let down. */
  private long downs(String name) throws Exception {
    return java.util.regex.Pattern.compile("PU[\\d,-]+;\\s*PD").matcher(Files.readString(folder.resolve(name))).results().count();
  }

  @Test
  void aSizeSetAndABookletLeaveByTheirDemoJobs() throws Exception {
    String poster = put("sowing-poster.thimble");
    assertEquals(0, run("make", poster, "--to", to("poster.pdf")), err.toString());
    for (String size : new String[] {"16x20", "8x10", "11x14", "24x36"}) {
      assertTrue(Files.exists(folder.resolve("poster-" + size + "in.pdf")), size);
    }
    String album = put("plot-album.thimble");
    assertEquals(0, run("make", album, "--to", to("album.pdf")), err.toString());
    assertEquals(4, PdfMeasure.of(folder.resolve("album.pdf")).pages().size(), "two sheets, front and back");
  }

  @Test
  void makeWritesEveryFileThatIsAskedFor() throws Exception {
    assertEquals(0, run("make", good, "--to", to("a.pdf"), "--to", to("a.png")));
    PdfMeasure pdf = PdfMeasure.of("a.pdf", made("a.pdf"));
    assertEquals(2, pdf.pages().size());
    assertEquals(378, pdf.pages().get(0).media().width(), 0.001);
    assertEquals(504, pdf.pages().get(1).trim().height(), 0.001);
    assertEquals(new PngMeasure(1575, 2175, 11811), PngMeasure.of("a.png", made("a.png")));
    assertEquals(new PngMeasure(1575, 2175, 11811), PngMeasure.of("a-back.png", made("a-back.png")));
    assertTrue(out.toString().contains("5.25 × 7.25 in"), out.toString());
  }

  @Test
  void makeObeysItsOptions() throws Exception {
    assertEquals(0, run("make", good, "--to", to("t.png"), "--bleed", "off", "--face", "2", "--ppi", "150"));
    assertEquals(new PngMeasure(750, 1050, 5906), PngMeasure.of("t.png", made("t.png")));
    assertFalse(Files.exists(folder.resolve("t-back.png")));
    assertEquals(0, run("make", good, "--to", to("s.pdf"), "--sheet", "on", "--mirror", "on"));
    PdfMeasure sheet = PdfMeasure.of("s.pdf", made("s.pdf"));
    assertEquals(612, sheet.pages().get(0).media().width(), 0.001);
    assertEquals(126, sheet.pages().get(0).trim().x(), 0.001);
  }

  @Test
  void checkSaysWhatIsWrongAndHowBad() {
    assertEquals(0, run("check", good));
    assertTrue(out.toString().contains("nothing found"), out.toString());
    assertEquals(1, run("check", good, faulty));
    assertTrue(out.toString().contains("passes the trim by 1/16 in at left"), out.toString());
    assertTrue(out.toString().contains("160 pixels per inch"), out.toString());
  }

  @Test
  void oneBadJobNeverStopsTheOthers() throws Exception {
    String broken = Files.writeString(folder.resolve("broken.thimble"), "x").toString();
    assertEquals(2, run("check", "--json", broken, faulty, to("gone.thimble"), good));
    JsonNode all = new ObjectMapper().readTree(out.toString());
    assertEquals(4, all.size());
    assertFalse(all.get(0).get("readable").booleanValue());
    assertEquals("bleed-short", all.get(1).get("findings").get(0).get("code").textValue());
    assertEquals("left", all.get(1).get("findings").get(0).get("side").textValue());
    assertEquals("ruin", all.get(1).get("findings").get(1).get("weight").textValue());
    assertTrue(all.get(2).get("trouble").textValue().contains("gone.thimble"));
    assertEquals(0, all.get(3).get("findings").size());
  }

  @Test
  void makesJpegOfEachFaceAtItsSize() throws Exception {
    assertEquals(0, run("make", good, "--to", to("card.jpg"), "--ppi", "200"), err.toString());
    for (String name : new String[] {"card.jpg", "card-back.jpg"}) {
      java.awt.image.BufferedImage read = javax.imageio.ImageIO.read(folder.resolve(name).toFile());
      assertEquals(1050, read.getWidth());
      assertEquals(1450, read.getHeight());
    }
    assertTrue(out.toString().contains("200 ppi"), out.toString());
  }

  @ParameterizedTest
  @ValueSource(strings = {
    "make", "make JOB", "make JOB --to x.docx", "make JOB --to x.png --ppi 5", "make JOB --to x.png --ppi many",
        "make JOB --to x.png --face 9",
    "make JOB --to x.png --bleed maybe", "make gone.thimble --to x.pdf", "check", "fly", "make JOB --to none/x.pdf",
    "make JOB --to x.png --ppi 2401"})
  void badArgumentsGetOneClearSentence(String line) {
    String text = line.replace("JOB", "@@").replace("x.", folder.resolve("x") + ".").replace("none/", "none-such/");
    String[] arguments = text.split(" ");
    for (int i = 0; i < arguments.length; i++) {
      arguments[i] = arguments[i].equals("@@") ? good : arguments[i];
    }
    int code = run(arguments);
    assertEquals(2, code, err.toString());
    assertEquals(1, err.toString().strip().lines().count(), err.toString());
    assertFalse(err.toString().contains("Exception"), err.toString());
  }

  @Test
  void helpIsGivenWhenAskedFor() {
    assertEquals(0, run("--help"));
    assertTrue(out.toString().contains("make") && out.toString().contains("check"));
    assertEquals(2, run());
  }

  @ParameterizedTest
  @ValueSource(strings = {"NaN", "1e400", "-Infinity", "many", "0x10p"})
  void whatIsNoNumberIsSaidToBeNone(String figure) {
    assertEquals(2, run("make", good, "--to", to("a.png"), "--ppi", figure));
    assertTrue(err.toString().contains("is no number"), err.toString());
    assertFalse(Files.exists(folder.resolve("a.png")));
  }

  @Test
  void aFolderIsNeitherAJobNorATarget() throws Exception {
    assertEquals(2, run("make", folder.toString(), "--to", to("a.pdf")));
    assertTrue(err.toString().contains("is a folder"), err.toString());
    Files.createDirectory(folder.resolve("b.pdf"));
    assertEquals(2, run("make", good, "--to", to("b.pdf")));
    assertTrue(err.toString().lines().reduce((a, b) -> b).orElse("").contains("is a folder"), err.toString());
    assertEquals(2, run("check", folder.toString()));
  }

  @Test
  void oneJobThatCannotBeReadDoesNotKeepTheOthersFromBeingChecked() throws Exception {
    String broken = to("broken.thimble");
    Files.writeString(Path.of(broken), "no job");
    assertEquals(2, run("check", "--json", broken, faulty, to("none.thimble"), good));
    JsonNode all = new ObjectMapper().readTree(out.toString());
    assertEquals(4, all.size());
    assertFalse(all.get(0).path("readable").asBoolean());
    assertEquals(2, all.get(1).path("findings").size());
    assertFalse(all.get(2).path("readable").asBoolean());
    assertTrue(all.get(3).path("readable").asBoolean());
  }

  @ParameterizedTest
  @ValueSource(strings = {"swap-invitation", "window-decal", "two-faults", "bed-sign"})
  void everyFindingIsPrintedWhateverItsWeight(String name) throws Exception {
    run("check", put(name.equals("swap-invitation") || name.equals("two-faults") ? "seed-wheel.thimble" : name + ".thimble"));
    assertEquals("", err.toString());
    assertTrue(out.toString().contains(" in “"), out.toString());
  }

  @Test
  void everyEndingIsTold() {
    run("make", "--help");
    String help = out.toString().replaceAll("\\s", "");
    for (String ending : new String[] {".tif", ".tiff", ".jpg", ".jpeg", ".plt", ".hpgl", ".svg", ".dxf", ".png", ".pdf"}) {
      assertTrue(help.contains(ending), ending);
    }
    assertEquals(0, run("make", "--version"));
    assertTrue(out.toString().contains("Zip Thimble 0.1.0"));
  }

  @Test
  void mirroringIsAskedForInFilesForCutters() throws Exception {
    String sign = put("bed-sign.thimble");
    assertEquals(0, run("make", sign, "--to", to("a.svg"), "--as", "design"), err.toString());
    assertEquals(0, run("make", sign, "--to", to("b.svg"), "--as", "design", "--mirror", "on"), err.toString());
    assertTrue(out.toString().contains("a mirror image"), out.toString());
    assertFalse(new String(made("a.svg")).equals(new String(made("b.svg"))));
    assertEquals(2, run("make", sign, "--to", to("c.png")));
    assertTrue(err.toString().contains("all of it is cut"), err.toString());
  }
}
