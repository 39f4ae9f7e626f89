package org.zipthimble.desktop.ticket;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The ticket's line on colour: where the job goes, and for a press by which profile and how. Opens in place. */
final class ColourLine extends VBox {
  private final Session session;
  private final LatestWork reader = new LatestWork();
  private final Button value;
  private final Label note = Controls.wrapped("", "line-note");
  private final VBox open = new VBox(7);
  private final List<Runnable> fresh = new ArrayList<>();
  private final VBox shop = new VBox(7);
  private Optional<ShopRow> cards = Optional.empty();

  ColourLine(Session session) {
    this.session = session;
    getStyleClass().add("ticket-line");
    value = Controls.button("ticket-colour", "ticket.colour.open", () -> {
      fill();
      open.setVisible(!open.isVisible());
      note.setVisible(!open.isVisible());
      refresh();
    }, "line-button");
    open.setVisible(false);
    open.setPadding(new Insets(4, 0, 4, 0));
    for (Node node : new Node[] {open, shop, note}) {
      node.managedProperty().bind(node.visibleProperty());
    }
    getChildren().addAll(Controls.label(Wording.text("ticket.colour"), "line-label"), value, note, open);
  }

  /** Makes what opens, when it is first opened. */
  private void fill() {
    if (cards.isPresent()) {
      return;
    }
    ShopRow row = new ShopRow(session);
    cards = Optional.of(row);
    open.getChildren().addAll(pills("ticket.colour.where", "to-", Destination.values(), () -> plan().to(),
        to -> session.apply(ColourEdits.destination(to))), row, shop);
    Label name = Controls.wrapped("", "line-note");
    fresh.add(() -> name.setText(plan().profile().name()));
    TypedField limit = new TypedField("colour-limit", Wording.text("ticket.colour.limit"), text -> {
      double percent = Lengths.parseNumber(text.replace("%", ""), ColourPlan.LEAST_LIMIT * 100, ColourPlan.MOST_LIMIT * 100);
      change(p -> p.withLimit(percent / 100));
    });
    limit.setMaxWidth(76);
    fresh.add(() -> limit.show(Wording.text("proof.percent", Lengths.plain(plan().limit() * 100, 0))));
    FlowPane profiles = new FlowPane(
        4, 4, Controls.button("colour-shipped", "ticket.colour.shipped", () -> change(p -> p.withOwn(Optional.empty())), "quiet"),
        Controls.button("colour-profile", "ticket.colour.choose", this::choose, "quiet"));
    shop.getChildren().addAll(Controls.under(Wording.text("ticket.colour.profile"), new VBox(4, name, profiles)),
        pills("ticket.colour.intent", "intent-", Intent.values(), () -> plan().intent(), i -> change(p -> p.withIntent(i))),
        check("ticket.colour.blackPoint", "colour-black-point", () -> plan().blackPoint(), on -> change(p -> p.withBlackPoint(on))),
        check("ticket.colour.blackWords", "colour-black-words", () -> plan().blackWords(), on -> change(p -> p.withBlackWords(on))),
        Controls.under(Wording.text("ticket.colour.limit"), limit));
  }

  private ColourPlan plan() {
    return session.job().colour();
  }

  private void change(java.util.function.UnaryOperator<ColourPlan> change) {
    session.apply(ColourEdits.plan("edit.colour.plan", change));
  }

  private <E extends Enum<E>> Node pills(String key, String id, E[] all, Supplier<E> now, Consumer<E> take) {
    FlowPane pane = new FlowPane(4, 4);
    ToggleGroup group = new ToggleGroup();
    for (E one : all) {
      String word = one.name().toLowerCase(Locale.ROOT);
      pane.getChildren().add(Pills.pill(id + word.replace('_', '-'), Wording.of(one), group, () -> take.accept(one)));
    }
    fresh.add(() -> group.selectToggle(group.getToggles().get(now.get().ordinal())));
    return Controls.under(Wording.text(key), pane);
  }

  private CheckBox check(String key, String id, Supplier<Boolean> now, Consumer<Boolean> take) {
    CheckBox box = Controls.check(id, key, now.get(), take::accept);
    box.setWrapText(true);
    fresh.add(() -> box.setSelected(now.get()));
    return box;
  }

  private void choose() {
    Optional<Path> file = session.asker().profile();
    if (file.isEmpty()) {
      return;
    }
    reader.read(progress -> profile(file.get()), profile -> {
      change(p -> p.withOwn(Optional.of(profile)));
      session.say(Wording.text("ticket.colour.taken", profile.name()));
    }, session::say);
  }

  private static Profile profile(Path file) throws Trouble {
    try {
      if (Files.size(file) > Profile.MOST_BYTES) {
        throw Trouble.of("profile.tooLarge", Profile.MOST_BYTES / 1_000_000);
      }
      return Profile.read(Files.readAllBytes(file));
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }

  /** Brings the line up to date with the job. */
  void refresh() {
    ColourPlan plan = plan();
    value.setText(Wording.text(plan.to().inks() ? "ticket.colour.cmyk" : "ticket.colour.rgb") + " · " + Wording.of(plan.to()));
    note.setText(plan.shop().isPresent() ? plan.shop().get().name() : plan.to().inks()
        ? Wording.text("ticket.colour.shop", plan.profile().name(), Lengths.plain(plan.limit() * 100, 0))
        : Wording.text(plan.to() == Destination.SUBLIMATION ? "destination.sublimation.note" : "destination.home_printer.note"));
    shop.setVisible(plan.to().inks());
    fresh.forEach(Runnable::run);
    if (open.isVisible()) {
      cards.ifPresent(ShopRow::refresh);
    }
  }
}
