package org.zipthimble.desktop.station;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.bring.PictureIn;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Facts;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Session;

/** Puts new objects on the face; each is selected once it is there. */
public final class Adding {
  private static final Colour INK = Colour.of(0x2B2F55);
  private static final Colour SAGE = Colour.of(0x8FAE7E);
  private static final double SHARE = 0.4;

  private final Session session;
  private Runnable onWords = () -> {};

  /** Adds to the session's face. */
  public Adding(Session session) {
    this.session = session;
  }

  /** What happens after words were added. */
  public void setOnWords(Runnable action) {
    onWords = action;
  }

  /** A block of words in the middle, as wide as the safe area at most. */
  public void words() {
    Box safe = session.job().ticket().safeBox();
    double width = Math.max(0.25, Math.min(safe.width(), safe.width() * 0.8));
    double pt = Math.max(6, Math.min(24, Math.round(safe.width() * 5)));
    WordStyle style = new WordStyle("Figtree", "Regular", pt, 120, 0, Align.CENTRE, INK);
    double height = Math.min(safe.height(), pt / 72 * 1.4);
    add(new Item.Words(facts("item.words"), middle(new Size(width, height)), Wording.text("words.new"), style));
    onWords.run();
  }

  /** A filled rectangle. */
  public void rectangle() {
    shape("item.rectangle", new Outline.Rectangle(0));
  }

  /** A filled ellipse. */
  public void ellipse() {
    shape("item.ellipse", new Outline.Ellipse());
  }

  /** A straight line. */
  public void line() {
    double width = session.job().ticket().safeBox().width() * SHARE;
    Point centre = session.job().ticket().trim().centre();
    add(new Item.Shape(
        facts("item.line"), new Placement(centre.x() - width / 2, centre.y(), width, 0, 0), new Outline.Straight(),
        Optional.empty(), Optional.of(new LineLook(1, INK))));
  }

  /** Pictures the person chooses. */
  public void pictures() {
    pictures(session.asker().pictures(), session.job().ticket().trim().centre());
  }

  /** Picture files, each at its true size for the ticket's resolution, around a place. */
  public void pictures(List<Path> files, Point at) {
    session.say("");
    for (Path file : files) {
      try {
        Picture picture = PictureIn.read(file, Pictures.Limits.USUAL);
        Item item = PictureIn.place(session.job(), picture, at);
        session.apply(Edits.add(session.faceIdProperty().get(), item, picture));
        session.selectionProperty().set(Set.of(item.id()));
      } catch (Trouble trouble) {
        session.say(trouble.getMessage());
      }
    }
  }

  private void shape(String key, Outline outline) {
    Box safe = session.job().ticket().safeBox();
    double side = Math.min(safe.width(), safe.height()) * SHARE;
    add(new Item.Shape(facts(key), middle(new Size(side, side)), outline, Optional.of(SAGE), Optional.empty()));
  }

  private Placement middle(Size size) {
    Point centre = session.job().ticket().trim().centre();
    return new Placement(centre.x() - size.width() / 2, centre.y() - size.height() / 2, size.width(), size.height(), 0);
  }

  private Facts facts(String key) {
    return Facts.of(session.job().freshId(), Wording.text(key));
  }

  private void add(Item item) {
    session.apply(Edits.add(session.faceIdProperty().get(), item));
    session.selectionProperty().set(Set.of(item.id()));
  }
}
