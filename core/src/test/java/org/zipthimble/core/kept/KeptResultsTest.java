package org.zipthimble.core.kept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.ref.WeakReference;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.edge.Seam;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.GlyphTable;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Leaving;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.marks.MarkTape;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.view.OnThing;

/** What is kept is what would be worked out afresh, whatever of a job has changed; every kept result of the core is found and tried. */
class KeptResultsTest {
  /** Tables that are written once when their class is loaded. */
  private static final Set<String> WRITTEN_ONCE = Set.of("SvgColours.NAMED", "SheetSigns.BAR", "Wording.ALL");

  /** What only the jobs of a long test ask for twice. */
  private static final Set<String> SELDOM = Set.of(
      "BendOut.PICTURES", "Codes.KEPT", "EdgeReach.KEPT", "Forms.OPAQUE", "InkTable.LATELY", "JobFonts.READ", "Leaving.KEPT",
      "Picture.KEYS", "PictureDamaged.TRIED", "ProofTable.LATELY",
      "InkTones.KEPT", "WhiteUnprinted.WHITE");

  private final Map<String, Integer> seen = new TreeMap<>();
  private final Map<Object, Set<Object>> tried = new IdentityHashMap<>();
  private final Map<Object, String> names = new IdentityHashMap<>();
  private final Set<String> stale = new TreeSet<>();
  private String change = "";

  @AfterEach
  void done() {
    Kept.watch(null);
    Kept.letGo();
  }

  @Test
  void theMachinesMirrorIsNotMirroredHereAsWell() throws Exception {
    Job job = sample("window-decal");
    Lane first = job.cutting().lanes().get(0);
    Job mirrored = job.withCutting(
        job.cutting().withLanes(job.cutting().lanes().stream().map(l -> l.id().equals(first.id()) ? l.withMirrored(true) : l).toList()));
    String here = Layout.of(mirrored).of(first.id()).toString();
    String atTheMachine = Layout.of(mirrored.withMaking(mirrored.making().withBy(Making.MirrorBy.MACHINE))).of(first.id()).toString();
    assertNotEquals(here, atTheMachine, "outlines as they stand, for the cutter turns them");
    assertEquals(here, Layout.of(mirrored).of(first.id()).toString(), "and back");
  }

  @Test
  void aBackingHasTheShapeOfTheFontThatArrives() {
    HoldsWords words = ItemWords.of(ItemProperties.of("i1", "Words"), Placement.of(0, 0, 3, 1, 0), "Swap",
        new WordStyle("Barn Hand", "Regular", 48, 100, 0, Align.LEFT, Colour.BLACK));
    ItemGroup backing = new ItemGroup(ItemProperties.of("i2", "Backing"), Placement.of(1, 1, 3, 1, 0), new Size(3, 1), List.of(words),
        new LiveEffect.Rings(List.of(0.1), Corner.ROUND, true, true, 128, Look.NONE));
    Job job = Job.of("Decal", Ticket.usual("Card", new Size(5, 7)), List.of(Face.of("f1", "Front", List.of(backing))), Map.of());
    Optional<Box> standIn = Measure.bounds(new Forms(job).made(backing));
    byte[] file = BundledFonts.shelf().find("Great Vibes", "Regular").orElseThrow().bytes();
    Job arrived = job.withFonts(List.of(new CarriedFont("Barn Hand", "Regular", new Blob(file))));
    Optional<Box> own = Measure.bounds(new Forms(arrived).made(backing));
    assertNotEquals(standIn, own);
    Kept.letGo();
    assertEquals(Measure.bounds(new Forms(arrived).made(backing)), own);
  }

  /** With the job goes the font it carried, and what the shaping library holds of it outside of Java's memory. */
  @Test
  void aFontGoesWithTheJobThatCarriedIt() throws Exception {
    WeakReference<FontFace> face = set(BundledFonts.shelf().find("Great Vibes", "Regular").orElseThrow().bytes());
    Kept.letGo();
    for (int i = 0; i < 100 && face.get() != null; i++) {
      System.gc();
      Thread.sleep(20);
    }
    assertNull(face.get(), "held by something that is kept");
  }

  /** Sets words in a font that a job carries, asks for its glyphs, and forgets the job. */
  private static WeakReference<FontFace> set(byte[] file) {
    Job job = Job.blank("Card", Ticket.usual("Card", new Size(5, 7)), List.of("Front"))
        .withFonts(List.of(new CarriedFont("Barn Hand", "Regular", new Blob(file))));
    HoldsWords words = ItemWords.of(ItemProperties.of("i1", "Words"), Placement.of(0, 0, 3, 1, 0), "Swap",
        new WordStyle("Barn Hand", "Regular", 48, 100, 0, Align.LEFT, Colour.BLACK));
    assertTrue(new Forms(job).outline(words).segments().size() > 10);
    FontFace face = new JobFonts(job).find("Barn Hand", "Regular").orElseThrow();
    assertTrue(face == new JobFonts(job).find("Barn Hand", "Regular").orElseThrow(), "read once");
    assertTrue(GlyphTable.of(face).all().size() > 50);
    return new WeakReference<>(face);
  }

  @Test
  void anEmptyPageOfABookIsNoRuinOnceItIsBound() throws Exception {
    Job loose = Job.blank("Album", Ticket.usual("Card", new Size(5, 7)), List.of("Cover", "Inside", "More", "Back"));
    Job bound = loose.withBook(Optional.of(Book.USUAL));
    String before = findings(loose);
    String after = findings(bound);
    assertNotEquals(before, after);
    Kept.letGo();
    assertEquals(findings(bound), after);
  }

  private static String findings(Job job) {
    return Checks.of(job, job.faces().get(1)).stream().map(f -> f.code() + " " + f.weight()).toList().toString();
  }

  @Test
  void aFaceIsNotLookedAtAgainForWhatAnotherFaceHas() throws Exception {
    Job job = sample("plot-album");
    List<List<Finding>> before = job.faces().stream().map(f -> Checks.of(job, f)).toList();
    Job moved = job.changed(job.faces().get(0).id(), f -> f.withName("Another name"));
    for (int i = 1; i < job.faces().size(); i++) {
      assertTrue(before.get(i) == Checks.of(moved, moved.faces().get(i)), "looked at again: " + job.faces().get(i).name());
    }
  }

  /**
   * Changes every component of jobs and of all they hold, one after another, and holds each kept result that is given again against a
   * fresh one.
   */
  @Test
  void whatIsKeptIsWhatWouldBeMade() throws Exception {
    find();
    boolean all = Boolean.getBoolean("zt.long");
    List<String> donors = List.of("window-decal", "foil-invitation", "tumbler-wrap", "metal-bookmarks", "swap-invitation", "jar-stickers",
        "bookmark", "seed-ring", "colouring-phrase", "bed-sign", "jar-labels", "plot-album", "swap-designs");
    Variants variants = new Variants();
    for (String donor : donors) {
      variants.learn(sample(donor), 0);
    }
    Kept.watch(this::seen);
    int tries = 0;
    List<Job> jobs = new ArrayList<>(List.of(small(sample("jar-stickers").cutting(), sample("foil-invitation"))));
    for (String donor : all ? donors : List.<String>of()) {
      jobs.add(sample(donor));
    }
    for (Job job : jobs) {
      change = job.name() + " as it is";
      tried.clear();
      work(job);
      work(job);
      for (Variants.Variant variant : variants.of(job)) {
        change = job.name() + " " + variant.name();
        tried.clear();
        work((Job) variant.value());
        tries++;
      }
    }
    System.out.println("kept results: " + tries + " changes, given again and tried afresh: " + seen);
    assertEquals(Set.of(), stale);
    assertTrue(tries > 100, "changes tried: " + tries);
    assertEquals(all ? Set.of() : SELDOM, missing());
  }

  private Set<String> missing() {
    Set<String> never = new TreeSet<>(names.values());
    never.removeAll(seen.keySet());
    return never;
  }

  private void seen(Object by, Object of, Object detail, Object given, Supplier<?> afresh) {
    String name = names.getOrDefault(by, "?");
    if (name.equals("?") || !tried.computeIfAbsent(given == null ? by : given, g -> Collections.newSetFromMap(new IdentityHashMap<>()))
        .add(by)) {
      return;
    }
    seen.merge(name, 1, Integer::sum);
    Alike.unlike(given, afresh.get()).ifPresent(where -> stale.add(name + " is stale after " + change + where));
  }

  /** All that the window and the files ask of a job. */
  private static void work(Job job) {
    Checks.run(job);
    Layout.of(job);
    for (Face face : job.faces()) {
      Leaving.of(job, face);
      CutLines.allLeaving(job, face);
      MarkWalk.leave(job, face, face, new Box(-1, -1, 50, 50), Affine.IDENTITY, new MarkTape());
      MarkWalk.walk(job, face, Affine.IDENTITY, new MarkTape());
      Seam.of(job, face);
    }
    OnThing.of(job, job.faces().get(0));
    GlyphTable.of(BundledFonts.shelf().findOrStandIn("Caveat", "Regular"));
  }

  /** Every kept result there is, by its class and name; and nothing else keeps what it has worked out in a field of a class. */
  private void find() throws Exception {
    List<String> others = new ArrayList<>();
    for (JavaClass found : new ClassFileImporter().withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
        .importPackages("org.zipthimble.core")) {
      Class<?> type = Class.forName(found.getName());
      for (Field field : type.getDeclaredFields()) {
        if (!Modifier.isStatic(field.getModifiers()) || field.isSynthetic() || type.getPackageName().endsWith(".kept")) {
          continue;
        }
        boolean keeps = field.getType() == Kept.class || field.getType() == Recent.class;
        if (keeps || Map.class.isAssignableFrom(field.getType())) {
          field.setAccessible(true);
          Object value = field.get(null);
          String name = type.getSimpleName() + "." + field.getName();
          if (keeps) {
            names.put(value, name);
          } else if (value != null && !value.getClass().getName().contains("Immutable") && !value.getClass().getName()
              .contains("Unmodifiable") && !WRITTEN_ONCE.contains(name)) {
            others.add(name);
          }
        }
      }
    }
    assertTrue(names.size() > 20, names.toString());
    assertEquals(List.of(), others, "what is kept is kept by Kept or Recent, which know what it was made of");
  }

  /** A little of all: words that clear a gap, a backing that is cut, what is printed for a press. */
  private static Job small(CutPlan cutting, Job printed) {
    String lane = cutting.lanes().get(0).id();
    WordStyle style = new WordStyle("Caveat", "Regular", 30, 100, 0, Align.LEFT, Colour.BLACK);
    HoldsWords words = ItemWords.of(ItemProperties.of("i1", "Words").withClearGap(0.05), Placement.of(0.2, 0.2, 1.5, 0.6, 0), "Sede swap",
        style);
    ItemGroup backing = new ItemGroup(
        ItemProperties.of("i2", "Backing").withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane(lane)),
        Placement.of(0.3, 1, 1.4, 0.8, 0), new Size(1.4, 0.8),
        List.of(ItemWords.of(ItemProperties.of("i3", "Cut"), Placement.of(0, 0, 1.4, 0.8, 0), "Bean", style)),
        new LiveEffect.Rings(List.of(0.06), Corner.ROUND, true, true, 128, Look.NONE));
    HoldsWords below = ItemWords.of(ItemProperties.of("i4", "Below"), Placement.of(0.2, 0.3, 1.5, 0.6, 0), "Swap", style);
    return Job.of("Small", Ticket.usual("Card", new Size(2, 2)).withQuantity(2),
        List.of(Face.of("f1", "Front", List.of(below, words, backing))), Map.of())
        .withCutting(cutting).withColour(printed.colour()).withPalette(printed.palette());
  }

  private static Job sample(String name) throws Exception {
    Job job = ThimbleFile.open(Path.of("..", "samples", name + ".thimble"));
    // a few pieces tell as much as many
    return job.withTicket(job.ticket().withQuantity(Math.min(3, job.ticket().quantity())));
  }
}
