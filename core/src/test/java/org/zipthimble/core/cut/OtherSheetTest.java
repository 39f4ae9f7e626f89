package org.zipthimble.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.PiecePlace;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.units.Size;

/** A piece is laid by hand on another sheet of its lane, or on a new one. */
class OtherSheetTest {
  private static Job job(int count, double side) {
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      ItemProperties properties = ItemProperties.of("i" + i, "Tile " + i).withRole(Role.CUTS)
          .withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS));
      items.add(ItemShape.of(properties, Placement.of(new Box(i * (side + 0.2), 0, side, side)), new Outline.Rectangle(0),
          Optional.of(Colour.BLACK), Optional.empty()));
    }
    Job job = StandardItem.blank("Tiles", new Size(48, 12), 1).withFaces(List.of(Face.of("f1", "front", items)));
    Lane lane = Lane.of("l1", "Vinyl", Material.CUT_VINYL, Colour.BLACK).withSupply(Supply.MAT_12);
    return job.withCutting(job.cutting().withLanes(List.of(lane)).withNested(true));
  }

  private static Job moved(Job job, CutSheet from, int piece, int sheet) {
    Lane lane = job.cutting().lanes().get(0);
    List<PiecePlace> laid = Layout.onto(job, lane, from.pieces().get(piece), sheet).orElseThrow();
    return CutEdits.laid("l1", laid, "edit.layPiece").change().apply(job);
  }

  @Test
  void aPieceGoesOntoANewSheetAndBack() {
    Job job = job(3, 3);
    assertEquals(1, Layout.of(job).sheets().size());
    Job two = moved(job, Layout.of(job).sheets().get(0), 1, 2);
    List<CutSheet> sheets = Layout.of(two).sheets();
    assertEquals(List.of(2, 1), sheets.stream().map(s -> s.pieces().size()).toList());
    sheets.forEach(s -> s.pieces().forEach(p -> assertEquals(Optional.empty(), Layout.conflict(s, p, two.cutting().gap()))));
    assertEquals(3.0 * 3.0 * 3, sheets.stream().flatMap(s -> s.pieces().stream())
        .mapToDouble(p -> org.zipthimble.core.geom.Extent.area(p.outline())).sum(), 1e-9);
    Job one = moved(two, sheets.get(1), 0, 1);
    assertEquals(1, Layout.of(one).sheets().size());
    assertEquals(3, Layout.of(one).sheets().get(0).pieces().size());
  }

  /** Nine of 3.6 in fill a mat that cuts 11.5 x 11.5; the tenth lies on a second one and does not go onto the first. */
  @Test
  void aFullSheetTakesNoMore() {
    Job job = job(10, 3.6);
    List<CutSheet> sheets = Layout.of(job).sheets();
    assertEquals(List.of(9, 1), sheets.stream().map(s -> s.pieces().size()).toList());
    assertTrue(Layout.onto(job, job.cutting().lanes().get(0), sheets.get(1).pieces().get(0), 1).isEmpty());
  }
}
