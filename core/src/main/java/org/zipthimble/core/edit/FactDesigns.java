package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.Standing;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/** New designs from the facts of a job: a face more, whose words are fields, so that it follows the facts as all others do. */
public final class FactDesigns {
  private static final Colour INK = Colour.of(0x2B2F55);
  private static final Colour PAPER = Colour.of(0xFBF5E6);
  private static final double SHARE = 0.06;

  /** Looks that follow each other from one new design to the next. */
  private record Design(WordingBank.Tone tone, String family, Align align, boolean reversed, boolean ruled) {}

  private static final List<Design> DESIGNS = List.of(
      new Design(WordingBank.Tone.FORMAL, "Cormorant Garamond", Align.CENTRE, false, true),
      new Design(WordingBank.Tone.PLAIN, "Josefin Sans", Align.LEFT, true, false),
      new Design(WordingBank.Tone.WARM, "Fraunces", Align.CENTRE, false, false),
      new Design(WordingBank.Tone.PLAYFUL, "Alegreya", Align.CENTRE, true, true));

  private FactDesigns() {}

  /** The id that the next new face will have. */
  public static String nextId(Job job) {
    int number = job.faces().size() + 1;
    while (job.face("f" + number).isPresent()) {
      number++;
    }
    return "f" + number;
  }

  /**
   * One design more, each time in another look; sized for the face, words shrink to fit.
   *
   * @param occasion what it is for
   */
  public static Edit next(WordingBank.Occasion occasion) {
    return new Edit(Wording.text("edit.design"), job -> {
      int number = job.faces().size();
      Design design = DESIGNS.get(number % DESIGNS.size());
      List<WordingBank.Entry> entries = WordingBank.of(occasion, design.tone());
      WordingBank.Entry entry = entries.get(number / DESIGNS.size() % entries.size());
      Job known = entry.known(job);
      Face face = Face.of(nextId(known), Wording.text("design.name", number + 1), List.of());
      List<Face> faces = new ArrayList<>(known.faces());
      faces.add(face);
      Job with = known.withFaces(faces);
      return BlockRoom.settled(with.changed(face.id(), f -> f.withItems(items(with, f, design, entry))));
    });
  }

  private static List<Item> items(Job job, Face face, Design design, WordingBank.Entry entry) {
    Box safe = job.frame(face).safeBox();
    double edge = Math.min(safe.width(), safe.height()) * SHARE;
    Copies.Fresh fresh = new Copies.Fresh(job);
    List<Item> out = new ArrayList<>();
    if (design.reversed()) {
      out.add(fresh.of(ItemShape.of(ItemProperties.of("g", Wording.text("design.ground")), Placement.of(job.frame(face).bleedBox()),
          new Outline.Rectangle(0), Optional.of(INK), Optional.empty())));
    }
    Colour ink = design.reversed() ? PAPER : INK;
    Box inside = safe.grown(-edge);
    if (design.ruled()) {
      LineLook line = LineLook.of(1, ink).withSide(LineSide.INSIDE);
      out.add(fresh.of(ItemShape.of(ItemProperties.of("r", Wording.text("design.frame")), Placement.of(safe.grown(-edge / 2)),
          new Outline.Rectangle(edge / 2), Optional.empty(), Optional.of(line))));
      inside = inside.grown(-edge);
    }
    double pt = Math.max(6, Math.min(48, inside.width() * 72 / 20));
    Story story = entry.story(job, new WordStyle(design.family(), "Regular", pt, 135, 0, design.align(), ink));
    HoldsWords words = ItemWords.of(ItemProperties.of("w", Wording.text("design.words")), Placement.of(inside), "", story.style())
        .withStory(story)
        .withSetting(BlockSetting.PLAIN.withStanding(Standing.MIDDLE).withFitting(Fitting.SHRINK).withLeastPercent(30));
    out.add(fresh.of(words));
    return out;
  }
}
