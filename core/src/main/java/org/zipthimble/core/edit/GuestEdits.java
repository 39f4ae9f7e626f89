package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** Edits of the other jobs that lie on this job's sheets. */
public final class GuestEdits {
  private GuestEdits() {}

  /**
   * Takes a job in as it is now.
   *
   * @param quantity how many copies of it lie on the sheets, from 1
   */
  public static Edit add(Job guest, String file, int quantity) {
    return new Edit(Wording.text("edit.guest"), job -> {
      int number = 1;
      while (known(job, "g" + number)) {
        number++;
      }
      List<Guest> all = new ArrayList<>(job.guests());
      all.add(new Guest("g" + number, guest, file, quantity));
      return all.size() > Guest.MOST_GUESTS ? job : job.withGuests(all);
    });
  }

  private static boolean known(Job job, String id) {
    return job.guests().stream().anyMatch(g -> g.id().equals(id));
  }

  /** Leaves a guest out. */
  public static Edit remove(String id) {
    return new Edit(Wording.text("edit.guestGone"), job -> job.withGuests(job.guests().stream().filter(g -> !g.id().equals(id)).toList()));
  }

  /** Says how many of its pieces are laid. */
  public static Edit count(String id, int quantity) {
    return changed("edit.guestCount", id, g -> g.withQuantity(quantity));
  }

  /** Puts a guest as it is now in place of the one that was taken in. */
  public static Edit refresh(String id, Job now) {
    return changed("edit.guestFresh", id, g -> g.withJob(now));
  }

  private static Edit changed(String key, String id, UnaryOperator<Guest> change) {
    return new Edit(Wording.text(key), job -> job.withGuests(
        job.guests().stream().map(g -> g.id().equals(id) ? change.apply(g) : g).toList()));
  }
}
