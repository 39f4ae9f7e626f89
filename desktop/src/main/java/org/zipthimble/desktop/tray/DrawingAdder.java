package org.zipthimble.desktop.tray;

import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.bring.DrawingIn;
import org.zipthimble.core.bring.VectorLimits;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** Puts drawing files on the face, as shapes. */
public final class DrawingAdder {
  private final Session session;
  private final LatestWork reader = new LatestWork();

  DrawingAdder(Session session) {
    this.session = session;
  }

  private record Found(Optional<ImportedDrawing> drawing, String trouble) {}

  /** A drawing file the person chooses. */
  public void drawing() {
    session.asker().drawing().ifPresent(file -> drawing(file, session.frame().trim().centre()));
  }

  /** A drawing file, its middle at a place; where it does not say how large it is, the person is asked. */
  public void drawing(Path file, Point at) {
    read(file, OptionalDouble.empty(), brought -> {
      if (brought.sized()) {
        put(file, brought, at);
        return;
      }
      session.asker().unitsPerInch(file.getFileName().toString(), brought.size()).ifPresent(units ->
          read(file, OptionalDouble.of(units), sized -> put(file, sized, at)));
    });
  }

  private void read(Path file, OptionalDouble units, Consumer<ImportedDrawing> then) {
    session.say("");
    reader.want(() -> {
      try {
        return new Found(Optional.of(DrawingIn.read(file, units, VectorLimits.USUAL)), "");
      } catch (Trouble trouble) {
        return new Found(Optional.empty(), trouble.getMessage());
      }
    }, drawn -> drawn.drawing().ifPresentOrElse(then, () -> session.say(drawn.trouble())));
  }

  private void put(Path file, ImportedDrawing brought, Point at) {
    session.openProperty().set(Optional.empty());
    if (brought.items().isEmpty()) {
      session.say(Wording.text("drawingIn.empty", file.getFileName()));
      return;
    }
    session.applyAndSelect(DrawingIn.place(session.faceIdProperty().get(), file.getFileName().toString(), brought, at));
    if (!brought.left().isEmpty()) {
      int more = brought.left().size() - 4;
      String list = String.join(" ", brought.left().subList(0, Math.min(4, brought.left().size())));
      session.say(Wording.text("drawingIn.leftOut", list, more > 0 ? Wording.counted("drawingIn.more", more) : ""));
    }
  }
}
