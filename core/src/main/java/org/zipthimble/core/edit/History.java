package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.fill.Grounds;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/**
 * A job and the way it came here, as a value. Laws: undo after an edit gives the job before it; redo
 * after undo gives the job after it; an edit that changes nothing leaves the history as it is.
 */
public record History(Job now, List<Step> done, List<Step> undone) {
  /** How many steps are kept. */
  public static final int MOST_STEPS = 1000;

  /** One step: its label and the job before and after. */
  public record Step(String label, Job before, Job after) {}

  /** Keeps copies. */
  public History {
    done = List.copyOf(done);
    undone = List.copyOf(undone);
  }

  /** A job with nothing done yet. */
  public static History of(Job job) {
    return new History(job, List.of(), List.of());
  }

  /** The history after an edit; what was undone can no longer be redone. */
  public History after(Edit edit) {
    Job next = Grounds.laid(Flow.settled(edit.change().apply(now)));
    if (next.equals(now)) {
      return this;
    }
    List<Step> steps = new ArrayList<>(done.size() < MOST_STEPS ? done : done.subList(1, done.size()));
    steps.add(new Step(label(edit, next), now, next));
    return new History(next, steps, List.of());
  }

  /** The edit's label with the name of the one object it touched. */
  private String label(Edit edit, Job next) {
    return TouchedObject.name(now, next).filter(name -> !edit.label().contains(name))
        .map(name -> Wording.text("edit.on", edit.label(), name)).orElse(edit.label());
  }

  /** One step back; the same when there is none. */
  public History undo() {
    if (done.isEmpty()) {
      return this;
    }
    Step last = done.get(done.size() - 1);
    List<Step> more = new ArrayList<>(undone);
    more.add(last);
    return new History(last.before(), done.subList(0, done.size() - 1), more);
  }

  /** One step forward again; the same when there is none. */
  public History redo() {
    if (undone.isEmpty()) {
      return this;
    }
    Step next = undone.get(undone.size() - 1);
    List<Step> more = new ArrayList<>(done);
    more.add(next);
    return new History(next.after(), more, undone.subList(0, undone.size() - 1));
  }

  /**
   * The history with this many steps done: undone or redone as far as needed.
   *
   * @param steps 0 for none, up to all that were done and undone; held within that
   */
  public History at(int steps) {
    History there = this;
    while (there.done.size() > Math.max(0, steps) && !there.done.isEmpty()) {
      there = there.undo();
    }
    while (there.done.size() < steps && !there.undone.isEmpty()) {
      there = there.redo();
    }
    return there;
  }

  /** What undo would take back. */
  public Optional<String> undoLabel() {
    return done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1).label());
  }

  /** What redo would bring back. */
  public Optional<String> redoLabel() {
    return undone.isEmpty() ? Optional.empty() : Optional.of(undone.get(undone.size() - 1).label());
  }
}
