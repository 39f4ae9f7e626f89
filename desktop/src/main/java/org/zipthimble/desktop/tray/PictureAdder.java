package org.zipthimble.desktop.tray;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.zipthimble.core.bring.PictureIn;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.importer.Importer;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.desktop.state.Session;

/** Puts pictures on the face: loose, into mounts, in grids; several wait to be placed. */
public final class PictureAdder {
  private final Session session;
  private final FileAdder adder;
  private Consumer<List<Picture>> onSeveral = pictures -> { };

  PictureAdder(Session session, FileAdder adder) {
    this.session = session;
    this.adder = adder;
  }

  /** What happens to several pictures that were brought in at once. */
  public void setOnSeveral(Consumer<List<Picture>> action) {
    onSeveral = action;
  }

  /** Pictures the person chooses. */
  public void pictures() {
    List<Path> files = session.asker().pictures();
    boolean waiting = Mounts.among(session.selected()).stream().anyMatch(m -> m.pictureIds().isEmpty());
    if (waiting && files.stream().allMatch(f -> Importers.of(f.getFileName().toString()).brings() == Importer.Brings.PICTURES)) {
      session.pictureHands().fill(files);
    } else {
      pictures(files, session.frame().trim().centre(), false);
    }
  }

  /** Picture files put down loose, around a place. */
  public void loose(List<Path> files, Point at) {
    pictures(files, at, false);
  }

  /** Picture files that were dropped at a place: into the mount there, or as all others. */
  public void dropped(List<Path> files, Point at) {
    pictures(files, at, true);
  }

  /** Picture files: one is placed at once, its middle at a place; several wait to be placed one after another or in a grid. */
  private void pictures(List<Path> files, Point at, boolean dropped) {
    adder.bring(files, at, pictures -> {
      if (dropped && mounted(pictures, at)) {
        return;
      }
      if (pictures.size() == 1) {
        place(pictures.get(0), at);
      } else if (!pictures.isEmpty()) {
        onSeveral.accept(pictures);
      }
    });
  }

  /**
   * Puts pictures that were dropped on a mount into it, the others into the empty ones of the same grid; a full mount is asked about.
   */
  private boolean mounted(List<Picture> pictures, Point at) {
    List<String> under = Mounts.at(session.face(), at);
    if (pictures.isEmpty() || under.isEmpty()) {
      return false;
    }
    Item first = session.face().find(under.get(0)).orElseThrow();
    List<String> mounts = new ArrayList<>(List.of(first.id()));
    Mounts.among(session.face().beside(first.id())).stream().filter(m -> m.pictureIds().isEmpty() && !m.id().equals(first.id()))
        .forEach(m -> mounts.add(m.id()));
    boolean full = !first.pictureIds().isEmpty();
    if (full && pictures.size() > 1) {
      mounts.remove(0);
    } else if (full && !session.asker().mayReplacePicture(session.job().pictures().get(first.pictureIds().get(0)).name())) {
      return false;
    }
    if (mounts.isEmpty()) {
      return false;
    }
    session.pictureHands().into(mounts, pictures);
    return true;
  }

  /** A grid of mounts over the safe area. */
  public void mounts(List<Double> columns, List<Double> rows, double gutter) {
    session.openProperty().set(Optional.empty());
    session.applyAndSelect(Mounts.grid(session.faceIdProperty().get(), session.frame().safeBox(), columns, rows, gutter));
  }

  /** Places a picture at its true size for the ticket's resolution, its middle at a place. */
  public void place(Picture picture, Point at) {
    session.openProperty().set(Optional.empty());
    Item item = PictureIn.place(session.job(), picture, at);
    session.apply(Edits.add(session.faceIdProperty().get(), item, picture));
    session.selectionProperty().set(Set.of(item.id()));
  }

  /** Places pictures in the cells of a grid over the safe area. */
  public void grid(List<Picture> pictures, int columns, double gap) {
    session.openProperty().set(Optional.empty());
    session.applyAndSelect(PictureIn.grid(session.job(), session.faceIdProperty().get(), pictures, columns, gap));
  }

  /** A picture as bytes of a file, such as from the clipboard, its middle at a place. */
  public void picture(String name, byte[] bytes, Point at) {
    try {
      place(Pictures.look(name, bytes, Pictures.Limits.USUAL), at);
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }
}
