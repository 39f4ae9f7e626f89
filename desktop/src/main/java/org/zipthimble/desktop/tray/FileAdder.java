package org.zipthimble.desktop.tray;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.zipthimble.core.bring.DrawingIn;
import org.zipthimble.core.bring.FontIn;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.importer.Bringing;
import org.zipthimble.core.importer.Brought;
import org.zipthimble.core.importer.Importer;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** Brings files of every kind onto the face: read beside the window, then put where they belong. */
public final class FileAdder {
  private static final int MOST_TOLD = 4;

  /** What comes after another lies so far from it, in inches, that both are seen. */
  private static final double STEP = 0.25;

  private final Session session;
  private final ObjectAdder objects;
  private final LatestWork reader = new LatestWork();

  FileAdder(Session session, ObjectAdder objects) {
    this.session = session;
    this.objects = objects;
  }

  private record Arrived(Path file, Optional<Brought> brought, String trouble) {}

  /** A drawing file the person chooses. */
  public void drawing() {
    session.asker().drawing().ifPresent(file -> bring(List.of(file), session.frame().trim().centre(), pictures -> { }));
  }

  /** A file of words that the person chooses. */
  public void words() {
    session.asker().words().ifPresent(file -> bring(List.of(file), session.frame().safeBox().centre(), pictures -> { }));
  }

  /**
   * Brings files in. Of several kinds that come together one is taken; a drawing that does not say how large it is is asked about, words
   * go to the caret while somebody types.
   *
   * @param at the middle of what comes, in inches on the face
   * @param several what happens to pictures
   */
  public void bring(List<Path> files, Point at, Consumer<List<Picture>> several) {
    List<Path> together = Importers.together(files);
    Bringing how = Bringing.usual(objects.lookOfWords());
    session.say("");
    reader.want(() -> together.stream().map(f -> read(f, how)).toList(), all -> {
      List<Picture> pictures = new ArrayList<>();
      all.stream().filter(a -> !a.trouble().isEmpty()).findFirst().ifPresent(a -> session.say(a.trouble()));
      for (int i = 0; i < all.size(); i++) {
        Arrived one = all.get(i);
        Point place = new Point(at.x() + i * STEP, at.y() + i * STEP);
        one.brought().ifPresent(b -> b.accept(new Putting(one.file(), place, how, pictures)));
      }
      if (!pictures.isEmpty()) {
        several.accept(pictures);
      }
    });
  }

  private static Arrived read(Path file, Bringing how) {
    try {
      return new Arrived(file, Optional.of(Importers.of(file.getFileName().toString()).read(file, how)), "");
    } catch (Trouble trouble) {
      return new Arrived(file, Optional.empty(), trouble.getMessage());
    }
  }

  /** Puts what a file brought where it belongs. */
  private final class Putting implements Brought.Visitor {
    private final Path file;
    private final Point at;
    private final Bringing how;
    private final List<Picture> pictures;

    Putting(Path file, Point at, Bringing how, List<Picture> pictures) {
      this.file = file;
      this.at = at;
      this.how = how;
      this.pictures = pictures;
    }

    @Override
    public void drawing(Brought.Drawing brought) {
      if (brought.drawing().sized()) {
        put(brought.drawing());
        return;
      }
      Importer kind = Importers.of(file.getFileName().toString());
      session.asker().unitsPerInch(file.getFileName().toString(), kind.unitsPerInch(), brought.drawing().size())
          .ifPresent(units -> reader.queue(() -> read(file, how.scaled(units)), again -> {
            again.brought().flatMap(Brought::shapes).ifPresent(this::put);
            if (!again.trouble().isEmpty()) {
              session.say(again.trouble());
            }
          }));
    }

    private void put(ImportedDrawing drawing) {
      session.openProperty().set(Optional.empty());
      if (drawing.items().isEmpty()) {
        session.say(Wording.text("drawingIn.empty", file.getFileName()));
        return;
      }
      session.applyAndSelect(DrawingIn.place(session.faceIdProperty().get(), file.getFileName().toString(), drawing, at));
      if (!drawing.left().isEmpty()) {
        int more = drawing.left().size() - MOST_TOLD;
        String list = String.join(" ", drawing.left().subList(0, Math.min(MOST_TOLD, drawing.left().size())));
        session.say(Wording.text("drawingIn.leftOut", list, more > 0 ? Wording.text("drawingIn.more", more) : ""));
      }
    }

    @Override
    public void lettering(Brought.Lettering brought) {
      session.apply(FontIn.carry(brought.font()));
      session.say(Wording.text("font.carried", brought.font().family(), brought.font().style()));
    }

    @Override
    public void written(Brought.Written brought) {
      objects.put(brought.words().story(), at);
      session.say(brought.words().note());
    }

    @Override
    public void pictured(Brought.Pictured brought) {
      pictures.addAll(brought.pictures());
    }

    @Override
    public void listed(Brought.Listed brought) {
      session.applyBeside(ListEdits.take(brought.table().list()));
      session.say(brought.table().cut() > 0 ? Wording.text("listSlip.cut", brought.table().cut()) : "");
    }

    @Override
    public void coloured(Brought.Coloured brought) {
      session.apply(LookEdits.palette("edit.palette.in", p -> p.joined(brought.swatches())));
    }
  }
}
