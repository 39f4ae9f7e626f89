package org.zipthimble.desktop.tray;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.store.OwnShelf;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Session;

/** Takes objects from the person's own shelf and keeps others there. */
public final class ShelfAdder {
  private final Session session;
  private Runnable onShelf = () -> { };

  ShelfAdder(Session session) {
    this.session = session;
  }

  /** What happens after the person's own shelf has changed. */
  public void setOnShelf(Runnable action) {
    onShelf = action;
  }

  /** An object of the person's own from the shelf, with its middle at a place. */
  public void own(OwnShelf.Own own, Point at) {
    try {
      OwnShelf.Taken taken = OwnShelf.take(own);
      Box box = taken.items().stream().map(i -> i.placement().around()).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
      session.openProperty().set(Optional.empty());
      session.applyAndSelect(Copies.paste(session.faceIdProperty().get(), taken.items(), taken.pictures(),
          at.x() - box.centre().x(), at.y() - box.centre().y()));
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }

  /** Keeps what is selected on the person's own shelf, several objects as a group. */
  public void keepOnShelf() {
    List<Item> selected = session.selected();
    if (selected.isEmpty()) {
      return;
    }
    Item item = selected.size() == 1 ? selected.get(0)
        : Grouping.of(ItemProperties.of(session.job().freshId(), Wording.text("item.group")), selected);
    try {
      OwnShelf.keep(session.preferences().places().shelf(), session.job(), item);
      session.say(Wording.text("shelf.kept", item.properties().name()));
      onShelf.run();
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }
}
