package org.zipthimble.desktop.ticket;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.ShopCard;
import org.zipthimble.core.store.ShopShelf;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The print shop that a job goes to, by its card; cards that ship, from a file, and written from the ticket as it is. */
final class ShopRow extends VBox {
  private final Session session;
  private final LatestWork reader = new LatestWork();
  private final ComboBox<String> box = new ComboBox<>();
  private final TypedField name;
  private List<ShopCard> cards = List.of();
  private boolean showing;

  ShopRow(Session session) {
    super(4);
    this.session = session;
    box.setId("shop-card");
    box.setMaxWidth(Double.MAX_VALUE);
    box.setAccessibleText(Wording.text("shopCard.card"));
    box.setOnAction(e -> {
      int index = box.getSelectionModel().getSelectedIndex();
      if (!showing && index >= 0) {
        session.apply(index == 0 ? ColourEdits.plan("edit.colour.plan", p -> p.withShop(Optional.empty()))
            : ColourEdits.shop(cards.get(index - 1)));
      }
    });
    name = new TypedField("shop-name", Wording.text("shopCard.name"), this::write).keeping();
    name.setPromptText(Wording.text("shopCard.name"));
    getChildren().addAll(Controls.under(Wording.text("shopCard.card"), box), Controls.under(Wording.text("shopCard.keep"), name),
        new FlowPane(4, 4, Controls.button("shop-import", "shopCard.import", this::bring, "quiet")));
  }

  private Path folder() {
    return session.preferences().places().shops();
  }

  /** Brings the list up to date. */
  void refresh() {
    Optional<ShopCard> chosen = session.job().colour().shop();
    List<ShopCard> all = new ArrayList<>(ShopShelf.shipped());
    all.addAll(ShopShelf.own(folder()));
    chosen.filter(c -> !all.contains(c)).ifPresent(all::add);
    showing = true;
    if (!all.equals(cards) || box.getItems().isEmpty()) {
      cards = List.copyOf(all);
      box.getItems().setAll(Wording.text("shopCard.none"));
      cards.forEach(c -> box.getItems().add(c.name()));
    }
    box.getSelectionModel().select(chosen.map(c -> cards.indexOf(c) + 1).orElse(0));
    showing = false;
  }

  private void bring() {
    Optional<Path> file = session.asker().shopCard();
    if (file.isEmpty()) {
      return;
    }
    reader.read(progress -> ShopShelf.read(file.get().getFileName().toString(), LatestWork.bytes(file.get())), card -> {
      try {
        take(card);
      } catch (Trouble trouble) {
        session.say(trouble.getMessage());
      }
    }, session::say);
  }

  /** Writes a card by hand: what the ticket asks for is what the shop asks for. */
  private void write(String text) throws Trouble {
    if (text.isBlank()) {
      return;
    }
    Job job = session.job();
    boolean press = job.colour().to() == Destination.PRINT_SHOP;
    try {
      take(new ShopCard(text.strip(), job.colour().to(), job.ticket().bleed().least(), job.ticket().safe().least(), job.ticket().ppi(),
          job.colour().limit(),
          press ? List.of("pdf", "tiff") : List.of("png", "tiff", "pdf"), 1, Math.max(2, job.faces().size()),
          job.sheet().onPaper() && job.sheet().cropMarks(),
          "{job}-v{version}"));
    } catch (IllegalArgumentException tooLong) {
      throw Trouble.of("shop.unreadable", text);
    }
    name.show("");
  }

  private void take(ShopCard card) throws Trouble {
    ShopShelf.keep(folder(), card);
    session.apply(ColourEdits.shop(card));
    session.say(Wording.text("shopCard.kept", card.name()));
  }
}
