package org.zipthimble.core.check.all;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Supplier;
import org.zipthimble.core.check.Check;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.SheetCheck;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.blade.CutCourse;
import org.zipthimble.core.check.blade.CutGap;
import org.zipthimble.core.check.blade.CutIsland;
import org.zipthimble.core.check.blade.CutLane;
import org.zipthimble.core.check.blade.CutPastTrim;
import org.zipthimble.core.check.blade.CutSize;
import org.zipthimble.core.check.blade.CutThin;
import org.zipthimble.core.check.blade.CutTwice;
import org.zipthimble.core.check.blade.WeedRoom;
import org.zipthimble.core.check.edge.BareInside;
import org.zipthimble.core.check.edge.BleedOpen;
import org.zipthimble.core.check.edge.BleedShort;
import org.zipthimble.core.check.edge.FoldCrossed;
import org.zipthimble.core.check.edge.OffItem;
import org.zipthimble.core.check.edge.OverhangShort;
import org.zipthimble.core.check.edge.SeamApart;
import org.zipthimble.core.check.edge.ZoneCrossed;
import org.zipthimble.core.check.ink.ColourRange;
import org.zipthimble.core.check.ink.FlatBlack;
import org.zipthimble.core.check.ink.InkLoad;
import org.zipthimble.core.check.ink.MixedInInk;
import org.zipthimble.core.check.ink.WhiteUnprinted;
import org.zipthimble.core.check.picture.MountEmpty;
import org.zipthimble.core.check.picture.PictureDamaged;
import org.zipthimble.core.check.picture.PictureSmall;
import org.zipthimble.core.check.sheet.EmptyFace;
import org.zipthimble.core.check.sheet.PagesBound;
import org.zipthimble.core.check.sheet.RowsFit;
import org.zipthimble.core.check.sheet.ShopAsks;
import org.zipthimble.core.check.sheet.TransferMirror;
import org.zipthimble.core.check.words.CodeReads;
import org.zipthimble.core.check.words.FontMissing;
import org.zipthimble.core.check.words.InvitationLacks;
import org.zipthimble.core.check.words.WordsFaint;
import org.zipthimble.core.check.words.WordsFine;
import org.zipthimble.core.check.words.WordsLeftOver;
import org.zipthimble.core.check.words.WordsOutside;
import org.zipthimble.core.check.words.WordsProof;
import org.zipthimble.core.check.words.WordsSpelt;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Under;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.work.Ongoing;

/** All checks, in the order a person would go through them; a new one is a class and a word in one of these lists. */
public final class Checks {
  private static final List<FaceCheck> OF_FACES = List.of(
      new EmptyFace(), new OffItem(), new BleedShort(), new BleedOpen(), new BareInside(), new PictureDamaged(), new PictureSmall(),
      new MountEmpty(), new WordsOutside(),
      new WordsLeftOver(), new FontMissing(), new WordsProof(), new WordsSpelt(), new WordsFaint(), new WordsFine(), new CodeReads(),
      new ColourRange(), new InkLoad(), new MixedInInk(), new FlatBlack(), new WhiteUnprinted(), new CutLane(), new CutPastTrim(),
      new CutCourse(), new CutTwice(), new CutThin(), new CutGap(), new CutIsland(), new FoldCrossed(), new OverhangShort(),
      new ZoneCrossed(), new SeamApart());
  private static final List<JobCheck> OF_JOBS = List.of(new ShopAsks(), new InvitationLacks(), new RowsFit(), new TransferMirror(),
      new PagesBound(), new SizesFit());
  private static final List<SheetCheck> OF_SHEETS = List.of(new CutSize(), new WeedRoom());
  private static final Box NOWHERE = new Box(0, 0, 0, 0);
  private static final Kept<Face, String, Job, List<Finding>> KEPT = Kept.ofNewest(Kept.STATES, (face, all, job) -> looked(face, job));

  private Checks() {}

  /** Every finding: of each face in order, of the job, of its sheets. A face that has not changed is not looked at again. */
  public static List<Finding> run(Job job) {
    List<Finding> found = new ArrayList<>();
    job.faces().forEach(face -> found.addAll(of(job, face)));
    String first = job.faces().get(0).id();
    OF_JOBS.forEach(check -> found.addAll(asked(check, first, job.name(), () -> check.examine(job))));
    OF_SHEETS.forEach(check -> found.addAll(asked(check, first, job.name(), () -> check.examine(job))));
    return List.copyOf(found);
  }

  /** Every finding on one face; kept for as long as the face lives and nothing changes of what the checks asked of the job. */
  public static List<Finding> of(Job job, Face face) {
    return KEPT.of(face, "", job);
  }

  private static List<Finding> looked(Face face, Job job) {
    Subject on = Subject.of(job, face);
    List<Finding> found = new ArrayList<>();
    OF_FACES.forEach(check -> found.addAll(asked(check, face.id(), face.name(), () -> check.examine(on))));
    // what is shared is told once, at the face it stands on
    found.removeIf(f -> f.itemId().filter(id -> id.startsWith(Under.PREFIX)).isPresent());
    return List.copyOf(found);
  }

  /** What a check finds. One that fails says so, and the others go on: what cannot be checked is not taken for sound. */
  static List<Finding> asked(Check check, String faceId, String on, Supplier<List<Finding>> look) {
    Ongoing.check();
    try {
      return look.get();
    } catch (RuntimeException | StackOverflowError failed) {
      return List.of(Finding.worded("check-failed", Weight.LOOK, faceId, Optional.empty(), NOWHERE, 0, 0,
          String.join(", ", new TreeSet<>(check.codes())), on));
    }
  }

  /** What can be done at once about a finding; nothing for most. */
  public static List<Mend> mends(Job job, Finding finding) {
    return job.face(finding.faceId()).map(face -> all().stream().filter(c -> c.codes().contains(finding.code()))
        .flatMap(c -> c.mends(job, face, finding).stream()).toList()).orElse(List.of());
  }

  static List<Check> all() {
    List<Check> all = new ArrayList<>(OF_FACES);
    all.addAll(OF_JOBS);
    all.addAll(OF_SHEETS);
    return all;
  }

  /** Whether any of them would ruin the job. */
  public static boolean ruin(List<Finding> findings) {
    return findings.stream().anyMatch(f -> f.weight() == Weight.RUIN);
  }
}
