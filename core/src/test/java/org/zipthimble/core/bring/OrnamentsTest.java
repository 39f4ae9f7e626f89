package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;

class OrnamentsTest {
  @Test
  void theShelfHasEightyInTenSets() {
    List<Ornament> all = OrnamentShelf.all();
    assertTrue(all.size() >= 80, "ornaments: " + all.size());
    assertEquals(Set.of("sprigs", "borders", "corners", "dividers", "banners", "frames", "seeds", "tools", "stars", "rays"),
        all.stream().map(Ornament::set).collect(Collectors.toSet()));
    assertEquals(all.size(), all.stream().map(Ornament::name).distinct().count());
  }

  @Test
  void plainWordsFindThem() {
    assertEquals(List.of("Leaf wreath"), OrnamentShelf.search("leaf wreath").stream().map(Ornament::name).toList());
    assertTrue(OrnamentShelf.search("garden").size() >= 5);
    assertTrue(OrnamentShelf.search("STAR").size() >= 8);
    assertEquals(List.of(), OrnamentShelf.search("spaceship"));
    assertEquals(OrnamentShelf.all().size(), OrnamentShelf.search(" ").size());
  }

  @Test
  void eachIsPlacedAtItsSizeWithNamedParts() {
    for (Ornament ornament : OrnamentShelf.all()) {
      Item item = ornament.item(1, new Point(2.5, 3.5));
      Box box = item.placement().around();
      assertEquals(ornament.size().width(), box.width(), 0.01, ornament.name());
      assertEquals(ornament.size().height(), box.height(), 0.01, ornament.name());
      assertEquals(2.5, box.centre().x(), 0.01);
      assertTrue(item.withMembers().stream().allMatch(i -> i.properties().name().length() > 2), ornament.name());
      Job job = Edits.add("f1", item).change().apply(Made.card(Made.background("i9999")));
      assertTrue(Checks.run(job).stream().noneMatch(f -> f.code().equals("empty-face")));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {
    "<svg/>", "not xml", "<svg width='1in' height='1in' viewBox='0 0 1 1'><script/></svg>",
    "<svg width='1in' height='1in' viewBox='0 0 1 1'><path id='a' fill='#ff0000' d='M0 0Q1 1 2 2'/></svg>",
    "<svg width='1in' height='1in' viewBox='0 0 1 1'/>",
    "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg width='1in' height='1in' viewBox='0 0 1 1'><title>&x;</title></svg>"})
  void hostileOrBrokenFilesAreRefused(String svg) {
    assertThrows(Trouble.class, () -> OrnamentSvg.read("x", "x.svg", new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8))));
  }

  @Test
  void picturesFillAGridOverTheSafeArea() {
    List<Picture> pictures = List.of(Made.picture(300, 200), Made.picture(200, 300), Made.picture(100, 100), Made.picture(90, 30));
    Job job = PictureIn.grid(Made.card(), "f1", pictures, 2, 0.25).change().apply(Made.card());
    List<Item> items = job.faces().get(0).items();
    assertEquals(4, items.size());
    assertTrue(items.stream().allMatch(i -> job.frame(job.faces().get(0)).safeBox().contains(i.placement().around(), 1e-9)));
    assertEquals(1.5, items.get(0).placement().width() / items.get(0).placement().height(), 1e-9, "in proportion");
    assertTrue(items.get(2).placement().y() > items.get(0).placement().box().bottom());
  }
}
