package org.zipthimble.desktop.state;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** Brings picture files to where pictures already are: into mounts, or in another's place. */
public final class PictureHands {
  private final Session session;
  private final LatestWork reader = new LatestWork();

  PictureHands(Session session) {
    this.session = session;
  }

  /** Another picture in place of the one that is chosen. */
  public void replace() {
    one((item, picture) -> session.apply(PictureEdits.replace(session.faceIdProperty().get(), item.id(), picture)));
  }

  /** Another file for the picture that is chosen, wherever the job shows it. */
  public void relink() {
    one((item, picture) -> session.apply(PictureEdits.relink(item.pictureIds().get(0), picture)));
  }

  private void one(BiConsumer<Item, Picture> then) {
    Optional<Item> item = session.single().filter(i -> i.retouch().isPresent());
    if (item.isEmpty()) {
      session.say(Wording.text("brush.noPicture"));
      return;
    }
    read(session.asker().pictures(), pictures -> then.accept(item.get(), pictures.get(0)));
  }

  /**
   * Fills the mounts that are chosen, in reading order: the empty ones, or all of them anew where none is empty; with none chosen the
   * empty ones of the face.
   */
  public void fill() {
    fill(session.asker().pictures());
  }

  /** The same with files at hand. */
  public void fill(List<Path> files) {
    List<Item> chosen = Mounts.among(session.selected());
    List<Item> empty = (chosen.isEmpty() ? Mounts.among(session.face().items()) : chosen).stream().filter(m -> m.pictureIds().isEmpty())
        .toList();
    List<Item> mounts = empty.isEmpty() ? chosen : empty;
    if (mounts.isEmpty()) {
      session.say(Wording.text("mountTag.none"));
      return;
    }
    List<String> ids = mounts.stream().map(Item::id).toList();
    if (!chosen.isEmpty() || empty.isEmpty()) {
      read(files, pictures -> into(ids, pictures));
      return;
    }
    String face = session.faceIdProperty().get();
    read(files, pictures -> {
      int left = pictures.size() - Mounts.room(session.job(), face, ids);
      session.apply(Mounts.fillOn(session.job(), face, ids, pictures));
      session.say(left > 0 ? Wording.text("mountTag.tooMany", left) : "");
    });
  }

  /** Puts pictures into mounts. */
  public void into(List<String> mounts, List<Picture> pictures) {
    session.apply(Mounts.fill(session.faceIdProperty().get(), mounts, pictures));
    int left = pictures.size() - mounts.size();
    session.say(left > 0 ? Wording.text("mountTag.tooMany", left) : "");
  }

  private record Read(List<Picture> pictures, String trouble) {}

  private void read(List<Path> files, java.util.function.Consumer<List<Picture>> then) {
    if (files.isEmpty()) {
      return;
    }
    session.say("");
    reader.want(() -> {
      List<Picture> out = new ArrayList<>();
      String trouble = "";
      for (Path file : files) {
        try {
          out.addAll(Importers.pictures(file));
        } catch (Trouble told) {
          trouble = told.getMessage();
        }
      }
      return new Read(out, trouble);
    }, read -> {
      if (!read.pictures().isEmpty()) {
        then.accept(read.pictures());
      }
      if (!read.trouble().isEmpty()) {
        session.say(read.trouble());
      }
    });
  }
}
