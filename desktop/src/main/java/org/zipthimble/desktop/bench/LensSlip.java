package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.paint.LensView;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;

/** The lenses for the bench while checking, what each shows as a whole, and what lies under the pointer. */
final class LensSlip extends VBox {
  private static final double WIDE = 210;

  private final Session session;
  private final BenchView view;
  private final Label whole = Controls.wrapped("", "lens-note");
  private final Label here = Controls.wrapped("", "lens-reading");

  /** The pills of what is laid over the bench, in the order of their values. */
  private final List<ToggleButton> overs = new ArrayList<>();

  LensSlip(Session session, BenchView view, Consumer<Optional<BenchPane.Over>> laidOver) {
    super(5);
    this.session = session;
    this.view = view;
    FlowPane pills = new FlowPane(4, 4);
    pills.setPrefWrapLength(WIDE);
    getChildren().add(Controls.label(Wording.text("lens.title"), "card-title"));
    ToggleGroup group = new ToggleGroup();
    for (Lens lens : Lens.values()) {
      String word = lens.name().toLowerCase(Locale.ROOT);
      ToggleButton pill = Pills.pill("lens-" + word, Wording.of(lens), group, () -> session.checking().lensProperty().set(lens));
      pill.setSelected(lens == session.checking().lensProperty().get());
      pills.getChildren().add(pill);
    }
    for (BenchPane.Over over : BenchPane.Over.values()) {
      ToggleButton pill = Pills.pill("lens-" + over.name().toLowerCase(Locale.ROOT).replace('_', '-'), Wording.of(over), group, () -> {
        session.checking().lensProperty().set(Lens.NONE);
        laidOver.accept(Optional.of(over));
        // what is laid over takes the lens away, and with it its mark
        overs.get(over.ordinal()).setSelected(true);
      });
      pill.managedProperty().bind(pill.visibleProperty());
      overs.add(pill);
      pills.getChildren().add(pill);
    }
    session.checking().lensProperty().addListener((o, was, is) -> group.selectToggle(group.getToggles().get(is.ordinal())));
    group.selectedToggleProperty().addListener((o, was, is) -> {
      if (is != null && !overs.contains(is)) {
        laidOver.accept(Optional.empty());
      }
    });
    // what is laid over the bench stays at this station: at the others nothing could be done on the face below it
    session.stationProperty().addListener((o, was, is) -> {
      if (is != Station.CHECK) {
        group.selectToggle(group.getToggles().get(Lens.NONE.ordinal()));
      }
    });
    Runnable seen = () -> {
      for (BenchPane.Over over : BenchPane.Over.values()) {
        overs.get(over.ordinal()).setVisible(over.fits(session.job(), session.face()));
      }
    };
    session.historyProperty().addListener(o -> seen.run());
    session.faceIdProperty().addListener(o -> seen.run());
    seen.run();
    getChildren().addAll(pills, whole, here);
    getStyleClass().addAll("card", "lens-slip");
    setAlignment(Pos.TOP_LEFT);
    for (Label label : new Label[] {whole, here}) {
      label.managedProperty().bind(label.textProperty().isNotEmpty());
      label.visibleProperty().bind(label.textProperty().isNotEmpty());
    }
    view.seenProperty().addListener((o, was, is) -> show(is));
    view.addEventFilter(MouseEvent.MOUSE_MOVED, e -> read(e.getX(), e.getY()));
  }

  private void show(Optional<LensView> seen) {
    here.setText("");
    Lens lens = session.checking().lensProperty().get();
    ColourPlan plan = session.shownProperty().get().colour();
    if (seen.isEmpty() || lens == Lens.NONE) {
      whole.setText("");
      return;
    }
    String share = Lengths.plain(seen.get().share() * 100, 1);
    String limit = Lengths.plain(plan.limit() * 100, 0);
    whole.setText(switch (lens) {
      case OUT_OF_RANGE -> Wording.text("lens.note.range", share);
      case INK_LOAD -> Wording.text("lens.note.load", Lengths.plain(seen.get().highest() * 100, 0), limit, share);
      case ON_STOCK -> Wording.text("lens.note.stock", session.shownProperty().get().palette().stock().hex());
      case IN_INK -> Wording.text("lens.note.ink", plan.profile().name());
      default -> Wording.text("lens.note.plate");
    });
  }

  private void read(double x, double y) {
    double sharp = view.getWidth() > 0 ? view.seenProperty().get().map(s -> s.image().getWidth() / view.getWidth()).orElse(1.0) : 1;
    here.setText(view.seenProperty().get().flatMap(s -> s.at((int) (x * sharp), (int) (y * sharp))).map(r -> Wording.text(
        "lens.reading", r.colour().hex(), r.inks().text(), Lengths.plain(r.inks().load() * 100, 0), Lengths.plain(r.miss(), 1)))
        .orElse(""));
  }
}
