package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.marks.RecordingOut;
import org.zipthimble.core.plan.Lane;

/**
 * Job files as each earlier version of the program wrote them, kept as they came, beside what that version drew and cut of them: every
 * mark with its colour and place, every cut line with its lane, box and area.
 */
class VersionsTest {
  @ParameterizedTest
  @ValueSource(strings = {"version-1", "version-2", "version-3", "version-3-stickers", "version-4", "version-5", "version-6", "version-7",
      "version-8", "version-9"})
  void aJobOfAnEarlierVersionIsDrawnAndCutAsItWas(String name) throws Exception {
    Job job = ThimbleFile.read(name, resource(name + ".thimble"));
    assertEquals(new String(resource(name + ".txt").readAllBytes(), StandardCharsets.UTF_8), said(job));
  }

  @ParameterizedTest
  @ValueSource(strings = {"version-1", "version-2", "version-3", "version-3-stickers", "version-4", "version-5", "version-6", "version-7",
      "version-8", "version-9"})
  void savedAnewItIsTheSameJobInTheNewestVersion(String name) throws Exception {
    Job job = ThimbleFile.read(name, resource(name + ".thimble"));
    byte[] saved = ThimbleFile.bytes(job);
    Job again = ThimbleFile.read(name, new ByteArrayInputStream(saved));
    assertEquals(job, again);
    assertEquals(said(job), said(again));
    assertTrue(new String(ThimbleFile.json(again), StandardCharsets.UTF_8).contains("\"version\" : " + JobDocument.VERSION));
  }

  private static InputStream resource(String name) throws IOException {
    InputStream in = VersionsTest.class.getResourceAsStream("versions/" + name);
    assertTrue(in != null, name);
    return in;
  }

  static String said(Job job) {
    List<String> out = new ArrayList<>();
    out.add(job.name() + ", " + job.ticket().item() + ", " + job.ticket().finished() + ", " + job.ticket().stock() + " x " + job.ticket()
        .quantity());
    job.palette().swatches().forEach(s -> out.add("swatch " + s.name() + " " + s.colour().hex()));
    for (Lane lane : job.cutting().lanes()) {
      out.add("lane " + lane.name() + " " + lane.material() + " " + lane.colour().hex() + " " + lane.supply().size() + " " + lane.blade()
          .name());
    }
    for (Face face : job.faces()) {
      out.add("face " + face.name());
      for (Item item : face.all()) {
        out.add("object " + item.id() + " " + item.properties().name() + " " + item.properties()
            .role() + " " + box(item.placement().around()));
      }
      RecordingOut marks = new RecordingOut();
      MarkWalk.made(job, face, Affine.IDENTITY, marks);
      out.addAll(marks.lines());
      for (CutLine line : CutLines.of(job, face)) {
        out.add("cut " + line.kind() + " " + line.lane() + " " + line.name() + " " + Measure.bounds(line.path()).map(VersionsTest::box)
            .orElse("nothing")
            + " area " + String.format(Locale.ROOT, "%.3f", Extent.area(line.path())));
      }
    }
    return String.join("\n", out) + "\n";
  }

  private static String box(Box b) {
    return String.format(Locale.ROOT, "%.3f %.3f %.3f %.3f", b.x(), b.y(), b.width(), b.height());
  }
}
