package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.BrushStroke;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.PictureLook;
import org.zipthimble.core.picture.Tones;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Undo after an edit is as if it had not been; redo after undo is as if it had; what is saved is what is opened. */
class HistoryLawsTest {
  private static final Picture PICTURE = Made.picture(60, 40);

  /**
   * A thousand random runs of edits: back and forth through all of them, jumps, and every fourth's last job saved and reopened, one in
   * five with preview and fonts.
   */
  @Property(seed = "20261128")
  void undoAndRedoAreIdentitiesAndWhatIsSavedIsWhatIsOpened(@ForAll long seed) throws Trouble {
    Random random = new Random(seed);
    History history = History.of(start());
    List<Job> jobs = new ArrayList<>(List.of(history.now()));
    for (int i = 0; i < 25; i++) {
      history = history.after(RandomEdits.next(random, history.now()));
      if (!history.now().equals(jobs.get(jobs.size() - 1))) {
        jobs.add(history.now());
      }
    }
    if (seed % 4 == 0) {
      byte[] saved = seed % 5 == 0 ? ThimbleFile.bytes(history.now()) : ThimbleFile.bare(history.now());
      assertEquals(history.now(), ThimbleFile.read("x", new ByteArrayInputStream(saved)));
    }
    int jump = random.nextInt(jobs.size());
    assertEquals(jobs.get(jump), history.at(jump).now());
    assertEquals(history, history.at(jump).at(jobs.size() - 1));
    for (int i = jobs.size() - 1; i >= 0; i--) {
      assertEquals(jobs.get(i), history.now());
      History back = history.undo();
      assertEquals(i == 0 ? history : history.now(), i == 0 ? back : back.redo().now());
      history = back;
    }
    for (int i = 1; i < jobs.size(); i++) {
      history = history.redo();
      assertEquals(jobs.get(i), history.now());
    }
    assertSame(history, history.redo());
  }

  @Test
  void anEditThatChangesNothingIsNoStep() {
    History history = History.of(start());
    assertSame(history, history.after(Edits.remove("f1", Set.of("nobody"))));
    assertSame(history, history.undo());
  }

  @Test
  void aNewEditEndsWhatCouldBeRedone() {
    History history = History.of(start()).after(Edits.rename("A")).undo().after(Edits.rename("B"));
    assertEquals(Optional.empty(), history.redoLabel());
    assertEquals(Optional.of("rename the job"), history.undoLabel());
    assertEquals("B", history.now().name());
  }

  private static Job start() {
    return Made.with(PICTURE, Made.background("i1"), Made.rectangle("i2", 1, 1, 2, 1), Made.ellipse("i3", 2, 3, 1, 1),
        Made.words("i4", "Beans", 1, 5, 3, 1, Made.style("Figtree", "Regular", 20)), Made.photo("i5", PICTURE, 1, 4, 0.3, 0.2),
        Made.drawn("i6"));
  }

  /** Edits of every kind with random values. */
  static final class RandomEdits {
    private RandomEdits() {}

    static Edit next(Random r, Job job) {
      Face face = job.faces().get(r.nextInt(job.faces().size()));
      Set<String> some = some(r, face);
      String id = some.isEmpty() ? "none" : some.iterator().next();
      return switch (r.nextInt(47)) {
        case 0 -> Edits.add(face.id(), Made.rectangle(job.freshId(), r.nextDouble() * 5, r.nextDouble() * 7, 1, 0.5));
        case 1 -> Edits.add(face.id(), Made.photo(job.freshId(), PICTURE, r.nextDouble(), 1, 0.2, 0.13), PICTURE);
        case 2 -> Edits.remove(face.id(), some);
        case 3 -> Edits.place(face.id(), some, "edit.move", p -> p.moved(r.nextDouble() - 0.5, r.nextDouble()));
        case 4 -> Edits.place(face.id(), some, "edit.turn", p -> p.withTurn(r.nextInt(720) - 360));
        case 5 -> Edits.place(face.id(), some, "edit.resize", p -> Reshape.widened(p, 0.1 + r.nextDouble() * 3, r.nextBoolean()));
        case 6 -> Edits.properties(face.id(), some, "edit.show", f -> f.withVisible(!f.visible()));
        case 7 -> Edits.properties(face.id(), some, "edit.opacity",
            f -> f.withOpacity(r.nextInt(101) / 100.0).withRole(r.nextBoolean() ? Role.PRINTS : Role.GUIDE));
        case 8 -> Edits.say(face.id(), id, "Beans " + r.nextInt(100) + "\n“é” & <b>");
        case 9 -> Edits.style(face.id(), some, "edit.type", s -> s.inFace("Alegreya", "Italic").withSizePt(6 + r.nextInt(40)));
        case 10 -> Edits.shape(face.id(), some, "edit.fill", s -> s.filled(Optional.of(Colour.of(r.nextInt(0x1000000)))));
        case 11 -> Edits.shape(face.id(), some, "edit.line", s -> s.withLine(Optional.of(LineLook.of(0.25 + r.nextInt(8), Colour.BLACK))));
        case 12 -> Edits.order(face.id(), id, r.nextInt(8));
        case 13 -> Copies.duplicate(face.id(), some, Copies.STEP, Copies.STEP);
        case 14 -> r.nextBoolean() ? Grouping.group(face.id(), some) : Grouping.ungroup(face.id(), some);
        case 15 -> Edits.ticket("edit.ticket.size", t -> t.sized(new Size(1 + r.nextInt(10), 1 + r.nextInt(10)))
            .withBleed(Insets.all(r.nextInt(4) / 16.0)));
        case 16 -> Edits.sheet(s -> new SheetPlan(r.nextBoolean(), new Size(11, 17), r.nextBoolean()));
        case 17 -> Copies.grid(face.id(), some, 1 + r.nextInt(3), 1 + r.nextInt(2), r.nextDouble(), 0.1);
        case 18 -> Copies.onAllFaces(face.id(), some);
        case 19 -> LookEdits.give(face.id(), some, face.find(id).map(LookEdits::of).orElse(LookEdits.of(Made.background("x"))));
        case 20 -> LookEdits.palette("edit.swatch", p -> p.with(Swatch.of("s" + r.nextInt(9), Colour.of(r.nextInt(0x1000000))))
            .withStock(Colour.of(r.nextInt(0x1000000))));
        case 21 -> GuideEdits.add(face.id(), new Guide(new Point(r.nextDouble() * 5, r.nextDouble() * 7), r.nextInt(180), r.nextBoolean()));
        case 22 -> face.guides().lines().isEmpty() ? GuideEdits.clear(face.id())
            : GuideEdits.change(face.id(), 0, face.guides().lines().get(0).withDegrees(r.nextInt(360)));
        case 23 -> GuideEdits.columns(face.id(), r.nextBoolean()
            ? Optional.of(Columns.of(1 + r.nextInt(4), 2, 0.25, 0.125)) : Optional.empty());
        case 24 -> inside(r, face, some);
        case 25 -> LookEdits.recolour(face.id(), some, Made.CREAM, Colour.of(r.nextInt(0x1000000)));
        case 26 -> LookEdits.round(face.id(), some, r.nextDouble());
        case 27 -> Shaping.combine(face.id(), some, Way.values()[r.nextInt(Way.values().length)]);
        case 28 -> Shaping.offset(face.id(), some,
            new LiveEffect.Rings(List.of(0.1, 0.05 + r.nextDouble() * 0.2), Corner.values()[r.nextInt(3)], r.nextBoolean(),
            r.nextBoolean(), 128,
            new Look(Optional.empty(), Optional.empty())));
        case 29 -> Shaping.repeat(face.id(), some, r.nextBoolean() ? new Pattern.Grid(2, 1 + r.nextInt(2), 0.1, 0.1, r.nextBoolean())
            : new Pattern.Round(3, new Point(2, 2), true, r.nextBoolean()));
        case 30 -> Shaping.permanent(face.id(), some);
        case 31 -> Shaping.apart(face.id(), some);
        case 32 -> Resizing.flip(face.id(), some, r.nextInt(180), new Point(1, 2));
        case 33 -> Resizing.slant(face.id(), some, r.nextInt(60) - 30);
        case 34 -> CutEdits.addLane(
            Lane.of(job.cutting().freshId(), "lane " + r.nextInt(9), Material.values()[r.nextInt(5)], Colour.of(r.nextInt(0x1000000))));
        case 35 -> job.cutting().lanes().isEmpty() ? CutEdits.plan("edit.cutPlan", p -> p.withNested(!p.nested()))
            : CutEdits.assign(face.id(), some, job.cutting().lanes().get(r.nextInt(job.cutting().lanes().size())));
        case 36 -> CutEdits.cutting(face.id(), some, c -> c.along(CutEdge.values()[r.nextInt(3)], r.nextDouble() / 4)
            .withSpread(r.nextDouble() / 8));
        case 37 -> Edits.properties(face.id(), some, "edit.clearGap", f -> f.withClearGap(r.nextDouble() / 4));
        case 38 -> Shaping.outlined(face.id(), some);
        case 39 -> Mounts.make(face.id(), some);
        case 40 -> Mounts.grid(face.id(), new Box(0.5, 0.5, 1 + r.nextDouble() * 3, 2), List.of(1.0, 1 + r.nextDouble()), List.of(1.0),
            r.nextDouble() / 4);
        case 41 -> r.nextBoolean() ? Mounts.fill(face.id(), Mounts.among(face.items()).stream().map(Item::id).toList(),
            List.of(PICTURE, PICTURE))
            : Mounts.takeOut(face.id(), id);
        case 42 -> Mounts.hold(face.id(), some, h -> h.moved(r.nextDouble() - 0.5, 0.1).withTurn(r.nextInt(90))
            .withZoom(0.5 + r.nextDouble()));
        case 43 -> PictureEdits.retouch(face.id(), some, "edit.tones", x -> x.withTones(new Tones(r.nextDouble(), 0, -r.nextDouble(), 0.5))
            .looking(PictureLook.values()[r.nextInt(PictureLook.values().length)], r.nextDouble()).withStraighten(r.nextInt(90) - 45));
        case 44 -> r.nextBoolean() ? PictureEdits.crop(
            face.id(), id, new Box(r.nextDouble() / 2, r.nextDouble() / 2, 0.2 + r.nextDouble() * 0.3, 0.4))
            : PictureEdits.rub(face.id(), id,
            new BrushStroke(List.of(new Point(r.nextDouble(), r.nextDouble())), 0.1, 0.5, r.nextBoolean()));
        case 45 -> Edits.properties(face.id(), some, "edit.effects",
            f -> f.withEffects(Effects.of(Effect.Shadow.USUAL).withBlur(r.nextDouble() / 8)
            .withFeather(r.nextDouble() / 8).withBlend(Blend.values()[r.nextInt(Blend.values().length)])));
        default -> r.nextBoolean() && job.faces().size() < 4 ? Edits.addFace("more") : Edits.removeFace(face.id());
      };
    }

    /** A member of a group is moved while the group's box follows; without a group some are grouped. */
    private static Edit inside(Random r, Face face, Set<String> some) {
      return face.items().stream().filter(i -> !i.members().isEmpty()).findFirst()
          .map(g -> Grouping.inside(face.id(), g.id(), Edits.place(face.id(), Set.of(g.members().get(0).id()), "edit.move",
              p -> p.moved(r.nextDouble() - 0.5, r.nextDouble() - 0.5))))
          .orElseGet(() -> Grouping.group(face.id(), some));
    }

    private static Set<String> some(Random r, Face face) {
      Set<String> ids = new java.util.LinkedHashSet<>();
      for (Item item : face.items()) {
        if (r.nextInt(3) == 0) {
          ids.add(item.id());
        }
      }
      return ids;
    }
  }
}
