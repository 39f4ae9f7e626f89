package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.store.ThimbleFile;

/** Columns that name pictures and colours, and lists that are typed here. */
class ListColumnsTest {
  private static Picture picture(String name, int pixels) throws Exception {
    java.awt.image.BufferedImage image = new java.awt.image.BufferedImage(pixels, pixels, java.awt.image.BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, name.hashCode() & 0xFFFFFF);
    return Pictures.look(name, PngFile.bytes(image, 300), Pictures.Limits.USUAL);
  }

  private static Job job(String rows) throws Exception {
    Picture bean = picture("bean.png", 600);
    Job job = Made.with(bean, ItemPhoto.of(ItemProperties.of("p", "Portrait"), Placement.of(1, 1, 2, 2, 0), bean.id()),
        Made.rectangle("r", 1, 4, 1, 1).filled(Optional.of(Made.BEET)));
    Job coloured = job.withPalette(new Palette(List.of(Swatch.of("beet", Made.BEET), Swatch.of("leaf", Colour.of(0x3A6B45))),
        Colour.WHITE));
    List<List<String>> cells = rows.lines().map(l -> List.of(l.split(",", -1))).toList();
    History history = History.of(coloured).after(ListEdits.take(RowList.of("list.csv", List.of("name", "face", "tint"), cells)))
        .after(ListEdits.gather(List.of(picture("pea.png", 600), picture("Poppy.PNG", 40))))
        .after(ListEdits.pictured("p", Optional.of("face"))).after(ListEdits.coloured("beet", Optional.of("tint")));
    return history.now();
  }

  private static String shown(Job job) {
    return job.pictures().get(job.faces().get(0).find("p").orElseThrow().pictureIds().get(0)).name();
  }

  private static Colour colour(Job job) {
    return job.faces().get(0).find("r").orElseThrow().outlined().orElseThrow().fill().orElseThrow();
  }

  @Test
  void everyRowHasItsPictureAndItsColour(@TempDir Path folder) throws Exception {
    Job job = job("Ada,pea,#112233\nBo,bean.png,leaf\nCy,PEA.PNG,beet");
    assertEquals("pea.png", shown(job));
    assertEquals(Colour.of(0x112233), colour(job));
    Job second = Filling.bound(job, 1);
    assertEquals("bean.png", shown(second));
    assertEquals(Colour.of(0x3A6B45), colour(second));
    assertEquals("pea.png", shown(Filling.bound(job, 2)));
    Path file = folder.resolve("list.thimble");
    ThimbleFile.save(job, file);
    Job again = ThimbleFile.open(file);
    assertEquals(3, again.pictures().size(), "pictures of other rows are kept");
    assertEquals("bean.png", shown(Filling.bound(again, 1)));
  }

  @Test
  void whatIsMissingOrTooSmallIsToldByTheRowsName() throws Exception {
    Job job = job("Ada,pea,#112233\nBo,turnip,leaf\nCy,,leaf\nDot,Poppy,leaf\nEv,pea,reddish");
    List<Finding> found = Checks.run(job).stream().filter(f -> f.code().equals("row-misfit")).toList();
    assertEquals(List.of(1.0, 2.0, 3.0, 4.0), found.stream().map(Finding::figure).toList());
    assertTrue(found.get(0).sentence().contains("turnip"), found.get(0).sentence());
    assertTrue(found.get(2).sentence().contains("Dot"), found.get(2).sentence());
    assertTrue(found.get(3).sentence().contains("reddish"), found.get(3).sentence());
  }

  @Test
  void aListIsTypedRowByRow() throws Exception {
    History h = History.of(Made.card(Made.background("g"))).after(ListEdits.typed(List.of("name"))).after(ListEdits.cell(0, "name", "Ada"))
        .after(ListEdits.addRow())
        .after(ListEdits.cell(1, "name", "Bo")).after(ListEdits.addColumn("table")).after(ListEdits.cell(0, "table", "4"));
    RowList list = h.now().list().orElseThrow();
    assertEquals(List.of(List.of("Ada", "4"), List.of("Bo", "")), list.rows());
    assertEquals(1, list.at());
    assertEquals(List.of(List.of("Ada", "4")), h.after(ListEdits.removeRow()).now().list().orElseThrow().rows());
    assertEquals(1, h.after(ListEdits.removeRow()).after(ListEdits.removeRow()).now().list().orElseThrow().rows().size(),
        "the last row stays");
    assertEquals(h, h.after(ListEdits.addColumn("table")), "a name that is there already");
  }
}
