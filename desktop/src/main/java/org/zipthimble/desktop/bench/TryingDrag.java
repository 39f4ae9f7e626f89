package org.zipthimble.desktop.bench;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.arrange.Hint;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.desktop.state.Session;

/** A drag that tries an edit out, with hints beside it, until it is released. */
abstract class TryingDrag implements Drag {
  private final Session session;
  private final BenchView bench;
  private Optional<Edit> tried = Optional.empty();

  TryingDrag(Session session, BenchView bench) {
    this.session = session;
    this.bench = bench;
  }

  void tryOut(Edit edit, List<Hint> hints) {
    tried = Optional.of(edit);
    session.tryOut(edit);
    bench.hints(hints);
  }

  boolean begun() {
    return tried.isPresent();
  }

  Optional<Edit> tried() {
    return tried;
  }

  @Override
  public void done() {
    bench.hints(List.of());
    tried.ifPresent(session::apply);
  }

  @Override
  public void dropped() {
    bench.hints(List.of());
    session.dropTry();
    tried = Optional.empty();
  }
}
