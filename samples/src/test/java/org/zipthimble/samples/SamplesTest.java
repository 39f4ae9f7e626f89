package org.zipthimble.samples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;

class SamplesTest {
  static List<String> names() {
    return DemoShelf.NAMES;
  }

  @Test
  void theInvitationIsCleanAndHasTwoFaces() throws Exception {
    Job job = DemoShelf.job("swap-invitation.thimble");
    assertEquals(new Size(5, 7), job.ticket().finished());
    assertEquals(2, job.faces().size());
    assertEquals(List.of(), Checks.run(job));
    assertTrue(job.faces().get(0).all().stream().anyMatch(i -> i instanceof ItemPhoto), "a picture on the front");
    assertTrue(job.faces().get(0).all().stream().anyMatch(i -> i instanceof ItemGroup), "ornament on the front");
  }

  @Test
  void theOtherHasExactlyItsTwoFaults() throws Exception {
    List<Finding> findings = Checks.run(DemoShelf.job("two-faults.thimble"));
    assertEquals(List.of("bleed-short", "picture-small"), findings.stream().map(Finding::code).toList());
    assertEquals(Side.LEFT, findings.get(0).side().orElseThrow());
    assertEquals(1.0 / 16, findings.get(0).figure(), 1e-9);
    assertEquals(160, findings.get(1).figure(), 0.01);
    assertTrue(findings.stream().allMatch(f -> f.weight() == Weight.RUIN));
  }

  @Test
  void thePosterHasExactlyItsTwoFaultsAgainstTheShopsCard() throws Exception {
    Job poster = DemoShelf.job("planting-calendar.thimble");
    assertEquals("Tall Window Posters", poster.colour().shop().orElseThrow().name());
    List<Finding> findings = Checks.run(poster);
    assertEquals(List.of("picture-small", "colour-range"), findings.stream().map(Finding::code).toList(), findings.toString());
    assertEquals(80.49, findings.get(0).figure(), 0.01);
    assertTrue(findings.get(1).figure() > 10);
  }

  @Test
  void theFoilEditionIsCleanAgainstItsShopsCard() throws Exception {
    Job job = DemoShelf.job("foil-invitation.thimble");
    assertEquals("Cobble Lane Press", job.colour().shop().orElseThrow().name());
    assertEquals(List.of(), Checks.run(job).stream().map(Finding::sentence).toList());
    assertEquals(4, Mounts.among(job.faces().get(1).items()).stream().filter(m -> !m.pictureIds().isEmpty()).count());
  }

  @ParameterizedTest
  @MethodSource("names")
  void theFilesAreWhatTheGeneratorMakes(String name) throws Exception {
    Job made = Generator.make(name);
    Job shipped = DemoShelf.job(name);
    assertEquals(made.ticket(), shipped.ticket());
    assertAlike(drawn(made), drawn(shipped));
  }

  /** All objects; of pictures only where they stand, for another Java may pack the same pixels otherwise. */
  private static String drawn(Job job) {
    return job.faces().stream().flatMap(f -> f.items().stream())
        .map(i -> i instanceof ItemPhoto ? i.placement().toString() : i.toString()).collect(Collectors.joining("\n"))
        .replaceAll("[0-9a-f]{64}", "picture");
  }

  /** The same words, and every figure within a millionth: the last places of sines differ between machines. */
  private static void assertAlike(String made, String shipped) {
    Pattern figure = Pattern.compile("-?\\d+(\\.\\d+)?(E-?\\d+)?");
    String mend = "run ./zip-thimble samples after changing the art";
    assertEquals(figure.matcher(made).replaceAll("#"), figure.matcher(shipped).replaceAll("#"), mend);
    List<Double> expected = figure.matcher(made).results().map(r -> Double.valueOf(r.group())).toList();
    List<Double> actual = figure.matcher(shipped).results().map(r -> Double.valueOf(r.group())).toList();
    for (int i = 0; i < expected.size(); i++) {
      assertEquals(expected.get(i), actual.get(i), 1e-6 * Math.max(1, Math.abs(expected.get(i))), mend);
    }
  }

  @ParameterizedTest
  @MethodSource("names")
  void everyObjectHasANameAndAnIdOfItsOwn(String name) throws Exception {
    Set<String> ids = new TreeSet<>();
    DemoShelf.job(name).faces().forEach(f -> f.all().forEach(i -> {
      assertTrue(ids.add(i.id()));
      assertTrue(i.properties().name().length() > 2);
    }));
    assertTrue(ids.size() > 8, name + " has " + ids.size());
  }

  @Test
  void aDemoThatIsNotThereIsAMistakeOfTheProgram() {
    assertThrows(IllegalArgumentException.class, () -> DemoShelf.open("none.thimble"));
  }
}
