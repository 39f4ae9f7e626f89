package org.zipthimble.desktop.sheets;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.GuestEdits;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** Other jobs whose pieces lie on this job's sheets: taken in, counted, read anew, left out. */
final class GuestCard extends VBox {
  private final Session session;
  private final VBox rows = new VBox(5);
  private final LatestWork reader = new LatestWork();
  private List<Guest> shown = List.of();

  GuestCard(Session session) {
    super(6);
    this.session = session;
    getChildren().addAll(Controls.label(Wording.text("guestCard.title"), "field-label"), rows,
        Controls.button("guest-add", "guestCard.add", this::add, "quiet"));
    setId("guest-card");
    getStyleClass().add("indented");
  }

  private record Read(java.util.Optional<Job> job, String trouble) {}

  private static Read read(Path file) {
    try {
      return new Read(java.util.Optional.of(ThimbleFile.open(file)), "");
    } catch (Trouble trouble) {
      return new Read(java.util.Optional.empty(), trouble.getMessage());
    }
  }

  private void add() {
    session.asker().jobToOpen().ifPresent(file -> reader.want(() -> read(file), read -> {
      read.job().ifPresent(j -> session.apply(GuestEdits.add(j, file.toString(), Math.min(Guest.MOST, j.ticket().quantity()))));
      session.say(read.trouble());
    }));
  }

  private void again(Guest guest) {
    reader.want(() -> read(Path.of(guest.file())), read -> {
      read.job().ifPresent(j -> session.apply(GuestEdits.refresh(guest.id(), j)));
      session.say(read.job().isPresent() ? Wording.text("guestCard.fresh", guest.job().name()) : read.trouble());
    });
  }

  /** Shows the guests. */
  void show() {
    List<Guest> now = session.job().guests();
    if (now.equals(shown) && rows.getChildren().size() == now.size()) {
      return;
    }
    shown = now;
    List<Node> all = new ArrayList<>();
    for (Guest guest : now) {
      TypedField count = new TypedField("guest-count-" + guest.id(), Wording.text("guestCard.count", guest.job().name()), text -> {
        int many = (int) Lengths.parseNumber(text, 1, Guest.MOST);
        session.apply(GuestEdits.count(guest.id(), many));
      });
      count.show(String.valueOf(guest.quantity()));
      count.setPrefWidth(58);
      all.add(new VBox(
          2, Controls.wrapped(Wording.text("guestCard.line", guest.job().name(),
          Lengths.show(guest.job().usualFrame().size(), session.unit())), "field-label"),
          Controls.row(4, count, Controls.button("guest-fresh-" + guest.id(), "guestCard.again", () -> again(guest), "quiet"),
              Controls.iconButton("guest-away-" + guest.id(), Icons.AWAY, "guestCard.away",
              () -> session.apply(GuestEdits.remove(guest.id()))))));
    }
    rows.getChildren().setAll(all);
  }
}
