package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.wording.Trouble;

/** Cards of print shops: kept, read, gone by, and told where a job does not keep to them. */
class ShopShelfTest {
  @TempDir Path folder;

  private static ShopCard poster() {
    return ShopShelf.shipped().get(1);
  }

  @Test
  void threeInventedOnesShip() {
    assertEquals(Set.of("Cobble Lane Press", "Tall Window Posters", "Kettle Transfers"),
        Set.copyOf(ShopShelf.shipped().stream().map(ShopCard::name).toList()));
  }

  @Test
  void ownCardsAreKeptAndBrokenOnesLeaveTheOthersAlone() throws Exception {
    ShopCard own = new ShopCard("Back Room Print", Destination.PRINT_SHOP, 0.1875, 0.25, 250, 2.6, List.of("pdf"), 1, 8, true,
        "{item}-{version}");
    ShopShelf.keep(folder, own);
    Files.writeString(folder.resolve("broken.json"), "{ \"name\": 3 ");
    assertEquals(List.of(own), ShopShelf.own(folder));
    assertEquals(List.of(), ShopShelf.own(folder.resolve("none")));
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {"2.8 | 9", "150.0 | 5", "[\"pdf\",\"tiff\"] | [\"docx\"]", "\"name\" | \"nmae\"", "{ | [",
      "print_shop | moon"})
  void aCardThatIsNoneIsRefusedWithASentence(String from, String to) throws Exception {
    ShopShelf.keep(folder, poster());
    String text = Files.readString(folder.resolve("tall-window-posters.json")).replaceAll("\\s+:\\s+", " : ")
        .replace("[ \"pdf\", \"tiff\" ]", "[\"pdf\",\"tiff\"]");
    assertEquals(poster(), ShopShelf.read("x", text.getBytes(StandardCharsets.UTF_8)));
    String broken = text.replace(from.strip(), to.strip());
    assertTrue(!broken.equals(text), text);
    Trouble told = assertThrows(Trouble.class, () -> ShopShelf.read("x.json", broken.getBytes(StandardCharsets.UTF_8)));
    assertTrue(told.getMessage().length() > 15);
  }

  @Test
  void theTicketKeepsToTheCardOnceItIsChosenAndIsToldWhenItNoLongerDoes() {
    Job job = Made.card(Made.rectangle("g", -0.3, -0.3, 5.6, 7.6));
    Job at = ColourEdits.shop(poster()).change().apply(job);
    assertEquals(Insets.all(0.25), at.ticket().bleed());
    assertEquals(Insets.all(0.5), at.ticket().safe());
    assertEquals(2.8, at.colour().limit());
    assertEquals(300, at.ticket().ppi(), "more than asked for stays");
    assertEquals(Destination.PRINT_SHOP, at.colour().to());
    assertEquals(List.of(), codes(at));
    Job less = at.withTicket(at.ticket().withBleed(Insets.all(0.125)).withSafe(Insets.all(0.125)).withPpi(100))
        .withColour(at.colour().withLimit(3).withTo(Destination.HOME_PRINTER));
    assertEquals(List.of("shop-bleed", "shop-safe", "shop-ppi", "shop-colour", "shop-limit"), codes(less));
    assertEquals(List.of(), codes(less.withColour(less.colour().withShop(Optional.empty()))));
  }

  @Test
  void cropMarksAreAskedForWhereTheCardWantsThem() {
    ShopCard marked = new ShopCard("Back Room Print", Destination.HOME_PRINTER, 0, 0, 72, 4, List.of("pdf"), 1, 8, true,
        "{item}-{version}");
    Job job = ColourEdits.shop(marked).change().apply(Made.card(Made.background("b")));
    assertEquals(List.of("shop-marks"), codes(job));
    assertEquals(List.of(), codes(job.withSheet(new SheetPlan(true, SheetPlan.LETTER, true))));
    assertEquals(List.of("shop-marks"), codes(job.withSheet(new SheetPlan(true, SheetPlan.LETTER, false))));
  }

  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).filter(c -> c.startsWith("shop-")).toList();
  }

  @Test
  void aJobCarriesItsCardAndAShopsProfile() throws Exception {
    byte[] icc = Profile.shipped().bytes();
    icc[84] = 'q';
    Job job = Made.card(Made.background("b")).withColour(ColourPlan.HOME.withOwn(Optional.of(Profile.read(icc))));
    Job at = ColourEdits.shop(poster()).change().apply(job);
    Job again = ThimbleFile.read("j", new ByteArrayInputStream(ThimbleFile.bytes(at)));
    assertEquals(at.colour(), again.colour());
    assertEquals(new String(icc, StandardCharsets.ISO_8859_1), new String(again.colour().profile().bytes(), StandardCharsets.ISO_8859_1));
  }

  @Test
  void filesAreNamedByThePatternAndAreSafeNames() {
    assertEquals("Tall-Window-Posters Wall-poster Spring-Swap-2 v3", poster().fileName("Spring Swap / 2", "Wall poster", 3));
    ShopCard hostile = new ShopCard("A", Destination.HOME_PRINTER, 0, 0, 72, 4, List.of("png"), 1, 1, false, "../{job}:{version}");
    assertEquals("..-x-1", hostile.fileName("x", "y", 1));
  }
}
