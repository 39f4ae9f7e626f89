package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;

/** All checks, in the order a person would go through them. */
public final class Checks {
  private static final List<Check> ALL =
      List.of(new EmptyFace(), new BleedShort(), new BleedOpen(), new PictureSmall(), new MountEmpty(), new WordsOutside(), new WordsLeftOver(), new FontMissing(), new ColourRange(), new InkLoad(), new FlatBlack(), new WhiteUnprinted(), new ShopAsks(),
          new CutLane(), new CutCourse(), new CutTwice(), new CutThin(), new CutGap(), new CutIsland(), new CutSize());

  private Checks() {}

  /** Every finding on every face. */
  public static List<Finding> run(Job job) {
    JobFonts fonts = new JobFonts(job);
    List<Finding> found = new ArrayList<>();
    for (Face face : job.faces()) {
      for (Check check : ALL) {
        found.addAll(check.look(job, face, fonts));
      }
    }
    return List.copyOf(found);
  }

  /** Whether any of them would ruin the job. */
  public static boolean ruin(List<Finding> findings) {
    return findings.stream().anyMatch(f -> f.weight() == Weight.RUIN);
  }
}
