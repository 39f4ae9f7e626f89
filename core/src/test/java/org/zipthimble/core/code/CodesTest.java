package org.zipthimble.core.code;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.work.Progress;

/** Codes are read by an independent reader from our PDF, as another program draws it. */
class CodesTest {
  @TempDir
  Path folder;

  private static ItemShape code(CodeKind kind, String content, double width, double height) {
    return ItemShape.of(ItemProperties.of("i1", "Code"), Placement.of(1, 1, width, height, 0),
        new Outline.Coded(kind, content, Optional.empty()), Optional.of(Colour.BLACK), Optional.empty());
  }

  private String read(ItemShape code, BarcodeFormat format) throws Exception {
    Job job = Made.card(code);
    Path pdf = folder.resolve("code.pdf");
    Sender.send(job, FileOrder.of(pdf, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT);
    Process process = new ProcessBuilder("pdftoppm", "-r", "300", "-png", "-singlefile", pdf.toString(), folder.resolve("page").toString())
        .start();
    assertEquals(0, process.waitFor());
    BufferedImage page = ImageIO.read(folder.resolve("page.png").toFile());
    // one of the readers wants little else beside the code: an eighth of an inch of bleed, an inch to the code, its box and a little more
    Placement p = code.placement();
    BufferedImage image = page.getSubimage(300, 300, (int) (300 * (p.width() + 0.25)), (int) (300 * (p.height() + 0.25)));
    int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    RGBLuminanceSource source = new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels);
    Result result = new MultiFormatReader().decode(new BinaryBitmap(new HybridBinarizer(source)),
        Map.of(DecodeHintType.POSSIBLE_FORMATS, List.of(format), DecodeHintType.TRY_HARDER, true));
    return result.getText();
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "QR | QR_CODE | https://marrowfield.example/swap | https://marrowfield.example/swap | 1 | 1",
        "QR | QR_CODE | Samen säen | Samen säen | 0.8 | 0.8",
    "DATA_MATRIX | DATA_MATRIX | MARROW-2027-0313 | MARROW-2027-0313 | 0.6 | 0.6",
    "UPC_A | UPC_A | 03600029145 | 036000291452 | 1.469 | 1.02",
    "EAN_13 | EAN_13 | 400638133393 | 4006381333931 | 1.469 | 1.02", "CODE_128 | CODE_128 | Lot 27-B | Lot 27-B | 2 | 0.6"})
  void everyCodeIsReadAsItWasTyped(CodeKind kind, BarcodeFormat format, String content, String read, double width, double height)
  throws Exception {
    assertEquals(read, this.read(code(kind, content, width, height), format));
  }

  /** The figures that check UPC-A 03600029145x and EAN-13 400638133393x in the usual worked examples are 2 and 1 (from memory). */
  @ParameterizedTest
  @CsvSource({"03600029145, 2", "400638133393, 1", "000000000000, 0", "978030640615, 7"})
  void theLastFigureChecksTheOthers(String figures, int check) {
    assertEquals(check, Codes.checkDigit(figures));
  }

  /** A UPC-A is 95 modules and two quiet zones of 9 wide; at its nominal module of 0.013 in that is 1.469 in. */
  @Test
  void sizesAreThoseOfTheStandards() {
    assertEquals(113, Codes.draw(CodeKind.UPC_A, "03600029145").width(), 1e-9);
    assertEquals(113, Codes.draw(CodeKind.EAN_13, "400638133393").width(), 1e-9);
    assertEquals(21 + 8, Codes.draw(CodeKind.QR, "SEEDS").width(), 1e-9, "version 1 has 21 modules");
    assertEquals(0.013, new Outline.Coded(CodeKind.UPC_A, "03600029145", Optional.empty()).module(1.469, 1.02), 1e-9);
    assertEquals(Codes.draw(CodeKind.QR, "x").height(), Codes.draw(CodeKind.QR, "x").width(), 1e-9);
  }

  private static List<String> found(Item... items) {
    return Checks.run(Made.card(items)).stream().map(f -> f.code()).filter(c -> c.startsWith("code-")).collect(Collectors.toList());
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', nullValues = "nothing", value = {"UPC_A | 12345", "UPC_A | 036000291459", "EAN_13 | abc", "QR | nothing"})
  void whatCannotBeSaidIsTold(CodeKind kind, String content) {
    assertEquals(List.of("code-unfit"), found(code(kind, content == null ? "" : content, 1, 1)));
    assertTrue(Codes.draw(kind, content == null ? "" : content).trouble().orElseThrow().getMessage().endsWith("."));
  }

  @Test
  void smallFaintAndCrowdedCodesAreTold() {
    assertEquals(List.of(), found(code(CodeKind.QR, "seeds", 1, 1)));
    assertEquals(List.of("code-small"), found(code(CodeKind.QR, "seeds", 0.3, 0.3)));
    assertEquals(List.of("code-faint"), found(code(CodeKind.QR, "seeds", 1, 1).filled(Optional.of(Colour.of(0xC0C0C0)))));
    Item dark = Made.rectangle("d", 0.5, 0.5, 3, 3).filled(Optional.of(Colour.of(0x202020)));
    assertEquals(List.of("code-faint"), found(dark, code(CodeKind.QR, "seeds", 1, 1).filled(Optional.of(Colour.WHITE))),
        "light bars on dark ground are not read by all");
    assertEquals(List.of("code-crowded"), found(code(CodeKind.QR, "seeds", 1, 1), Made.ellipse("e", 1.9, 1.9, 0.5, 0.5)));
  }

  @Test
  void aCodeFollowsItsFactAndIsSaved() throws Exception {
    Job job = Made.card(code(CodeKind.QR, "", 1, 1).withOutline(new Outline.Coded(CodeKind.QR, "", Optional.of("web address"))));
    Job known = FactEdits.set(new Fact("web address", Fact.Kind.WEB, "marrowfield.example")).change().apply(job);
    Outline.Coded coded = known.faces().get(0).items().get(0).outlined().orElseThrow().outline().asCoded().orElseThrow();
    assertEquals("marrowfield.example", coded.content());
    assertEquals(known, ThimbleFile.read("job", new java.io.ByteArrayInputStream(ThimbleFile.bytes(known))));
  }
}
