package org.zipthimble.desktop.tray;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.zipthimble.core.bring.DrawingIn;
import org.zipthimble.core.bring.FontIn;
import org.zipthimble.core.bring.PictureIn;
import org.zipthimble.core.bring.WordsIn;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** Puts pictures on the face: loose, into mounts, in grids; several wait to be placed. */
public final class PictureAdder {
  private final Session session;
  private final DrawingAdder drawings;
  private final LatestWork fonts = new LatestWork();
  private BiConsumer<Path, Point> onWords = (file, at) -> { };
  private final LatestWork reader = new LatestWork();
  private Consumer<List<Picture>> onSeveral = pictures -> { };

  PictureAdder(Session session, DrawingAdder drawings) {
    this.session = session;
    this.drawings = drawings;
  }

  private record Read(List<Picture> pictures, String trouble) {}

  /** What happens to several pictures that were brought in at once. */
  public void setOnSeveral(Consumer<List<Picture>> action) {
    onSeveral = action;
  }

  /** Pictures the person chooses. */
  public void pictures() {
    List<Path> files = session.asker().pictures();
    boolean waiting = Mounts.among(session.selected()).stream().anyMatch(m -> m.pictureIds().isEmpty());
    if (waiting && files.stream().noneMatch(f -> DrawingIn.drawing(f.getFileName().toString()))) {
      session.pictureHands().fill(files);
    } else {
      pictures(files, session.frame().trim().centre(), false);
    }
  }

  /** Picture files put down loose, around a place. */
  public void loose(List<Path> files, Point at) {
    pictures(files, at, false);
  }

  private record ReadFont(Optional<CarriedFont> font, String trouble) {}

  /** A font that is dropped on the window is usable at once; words that are selected or typed in take it. */
  private void font(Path file) {
    session.say("");
    fonts.want(() -> {
      try {
        return new ReadFont(Optional.of(FontIn.read(file)), "");
      } catch (Trouble trouble) {
        return new ReadFont(Optional.empty(), trouble.getMessage());
      }
    }, read -> {
      read.font().ifPresent(f -> session.apply(FontIn.carry(f)));
      session.say(read.font().map(f -> Wording.text("font.carried", f.family(), f.style())).orElse(read.trouble()));
    });
  }

  /** What happens to a file of words, and where. */
  void setOnWords(BiConsumer<Path, Point> action) {
    onWords = action;
  }

  /** Picture files that were dropped at a place: into the mount there, or as all others. */
  public void dropped(List<Path> files, Point at) {
    pictures(files, at, true);
  }

  /** Picture files: one is placed at once, its middle at a place; several wait to be placed one after another or in a grid. */
  private void pictures(List<Path> files, Point at, boolean dropped) {
    List<Path> drawings = files.stream().filter(f -> DrawingIn.drawing(f.getFileName().toString())).toList();
    if (!drawings.isEmpty()) {
      this.drawings.drawing(drawings.get(0), at);
      return;
    }
    Optional<Path> font = files.stream().filter(f -> FontIn.font(f.getFileName().toString())).findFirst();
    if (font.isPresent()) {
      font(font.get());
      return;
    }
    Optional<Path> words = files.stream().filter(f -> WordsIn.words(f.getFileName().toString())).findFirst();
    if (words.isPresent()) {
      onWords.accept(words.get(), at);
      return;
    }
    session.say("");
    reader.want(() -> files.stream().map(PictureAdder::read).toList(), read -> {
      read.stream().filter(r -> !r.trouble().isEmpty()).findFirst().ifPresent(r -> session.say(r.trouble()));
      List<Picture> pictures = read.stream().flatMap(r -> r.pictures().stream()).toList();
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

  private static Read read(Path file) {
    try {
      return new Read(PictureIn.readAll(file, Pictures.Limits.USUAL), "");
    } catch (Trouble trouble) {
      return new Read(List.of(), trouble.getMessage());
    }
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
