package org.zipthimble.desktop.state;

import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Flow;
import org.zipthimble.core.edit.History;
import org.zipthimble.core.form.Load;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Trouble;

/** The job with its steps, and what is being tried out before it is done. For the interface thread only. */
final class Editing {
  private final ReadOnlyObjectWrapper<History> history;
  private final ReadOnlyObjectWrapper<Job> shown;
  private final Consumer<String> say;
  private final EditWorker working;
  private final UnaryOperator<Edit> held;
  private final Runnable changing;
  private boolean trying;
  private String amending = "";

  /**
   * Begins the edit anew that is under way, on the job as it is then: an edit is a function of any job, so that it joins what came
   * meanwhile.
   */
  private Runnable joining = () -> { };

  /**
   * Edits a job.
   *
   * @param held what an edit becomes inside an open group
   * @param say tells that something is being worked out
   * @param changing done after the job that is shown has changed and before the steps are told of
   */
  Editing(Job job, UnaryOperator<Edit> held, Consumer<String> say, Runnable changing) {
    this.history = new ReadOnlyObjectWrapper<>(History.of(job));
    this.shown = new ReadOnlyObjectWrapper<>(job);
    this.held = held;
    this.say = say;
    this.working = new EditWorker(say);
    this.changing = changing;
  }

  Job job() {
    return history.get().now();
  }

  private void letGo() {
    joining = () -> { };
    working.drop();
  }

  void begin(Job job) {
    letGo();
    amending = "";
    put(History.of(job));
  }

  void apply(Edit edit) {
    amending = "";
    Runnable joins = joining();
    put(history.get().after(held.apply(edit)));
    joins.run();
  }

  /** What is begun anew after the next step: an edit that is still being worked out, and nothing where there is none or it has failed. */
  private Runnable joining() {
    return working.under() ? joining : () -> { };
  }

  void beside(Edit edit, Runnable then) {
    dropTry();
    workOut(held.apply(edit), LatestWork.BLINK_MILLIS, then);
  }

  /** The window waits a moment the first time alone, not again at every step that such an edit joins. */
  private void workOut(Edit edit, long patience, Runnable then) {
    joining = () -> workOut(edit, 0, then);
    working.out(job(), edit, patience, job -> {
      amending = "";
      put(history.get().after(new Edit(edit.label(), j -> job)));
      then.run();
    });
  }

  void amend(String run, Edit edit) {
    History from = run.equals(amending) ? history.get().undo() : history.get();
    History next = from.after(held.apply(edit));
    Runnable joins = joining();
    put(next);
    joins.run();
    // Where nothing was changed there is no step to take back the next time.
    amending = next == from ? "" : run;
  }

  void settle() {
    amending = "";
  }

  void tryOut(Edit edit) {
    trying = true;
    shown.set(Flow.settled(held.apply(edit).change().apply(job())));
  }

  /** Shows a job that was worked out to be tried, unless it asks for more than can be drawn. */
  private void show(Job tried) {
    if (drawable(tried)) {
      shown.set(tried);
    }
  }

  /** Whether a job can be drawn and saved; what is too much of it is said. */
  private boolean drawable(Job wanted) {
    try {
      Load.check(wanted);
      return true;
    } catch (Trouble tooMuch) {
      say.accept(tooMuch.getMessage());
      return false;
    }
  }

  void tryBeside(Edit edit) {
    letGo();
    trying = true;
    working.out(job(), held.apply(edit), LatestWork.BLINK_MILLIS, this::show);
  }

  void dropTry() {
    letGo();
    trying = false;
    shown.set(job());
  }

  boolean trying() {
    return trying;
  }

  boolean working() {
    return working.under();
  }

  void step(UnaryOperator<History> to) {
    letGo();
    amending = "";
    put(to.apply(history.get()));
  }

  private void put(History next) {
    working.drop();
    trying = false;
    if (next.now() != history.get().now() && !drawable(next.now())) {
      shown.set(job());
      return;
    }
    shown.set(next.now());
    changing.run();
    history.set(next);
  }

  ReadOnlyObjectProperty<History> historyProperty() {
    return history.getReadOnlyProperty();
  }

  ReadOnlyObjectProperty<Job> shownProperty() {
    return shown.getReadOnlyProperty();
  }
}
