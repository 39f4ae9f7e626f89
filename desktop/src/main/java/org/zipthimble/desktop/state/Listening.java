package org.zipthimble.desktop.state;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;

/** The listeners of something that comes and goes: attached while it is shown, all released with it. For the interface thread only. */
public final class Listening {
  private final List<Runnable> attaching = new ArrayList<>();
  private final List<Runnable> releasing = new ArrayList<>();
  private boolean attached;

  /** Runs something whenever a value changes, from now on as long as this is attached. */
  public Listening to(Observable value, Runnable then) {
    InvalidationListener listener = o -> then.run();
    return with(() -> value.addListener(listener), () -> value.removeListener(listener));
  }

  /** Tells what a value was and is. */
  public <T> Listening to(ObservableValue<T> value, ChangeListener<? super T> listener) {
    return with(() -> value.addListener(listener), () -> value.removeListener(listener));
  }

  private Listening with(Runnable attach, Runnable release) {
    attaching.add(attach);
    releasing.add(release);
    if (attached) {
      attach.run();
    }
    return this;
  }

  /** Attaches all listeners; they stay attached when they are already. */
  public void attach() {
    if (!attached) {
      attached = true;
      attaching.forEach(Runnable::run);
    }
  }

  /** Releases all listeners. */
  public void release() {
    if (attached) {
      attached = false;
      releasing.forEach(Runnable::run);
    }
  }
}
