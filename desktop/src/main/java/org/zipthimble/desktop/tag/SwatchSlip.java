package org.zipthimble.desktop.tag;

import java.util.Locale;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.ColourText;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Lab;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.Slips;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** A colour of the palette: its name, the colour in any notation, and the ink it is printed with. What changes here changes everywhere. */
final class SwatchSlip {
  private static final double WIDE = 230;
  private static final double BELOW = -34;

  /** What a colour is printed with. */
  private enum Way { PROFILE, INKS, SPOT }

  private final Session session;
  private final VBox paper = new VBox(8);
  private final Popup popup;
  private final TypedField name;
  private final TypedField colour;
  private final TypedField inks;
  private final TypedField plate;
  private final TypedField tint;
  private final ToggleGroup ways = new ToggleGroup();
  private final ToggleGroup kinds = new ToggleGroup();
  private final VBox own = new VBox(8);
  private final VBox spot = new VBox(8);
  private final Button rich = Controls.button("swatch-rich", "mend.richBlack", () -> ink(Optional.of(new Ink.Process(Cmyk.RICH_BLACK))),
      "quiet");
  private final FlowPane tints = new FlowPane(6, 4);
  private final Label note = Controls.wrapped("", "line-note");
  private Swatch swatch;

  private SwatchSlip(Session session, Node by, Swatch swatch) {
    this.session = session;
    this.swatch = swatch;
    name = field("swatch-name", "swatchCard.name", text -> put(new Swatch(text.strip(), this.swatch.colour(), this.swatch.ink())));
    colour = field("swatch-colour", "swatchCard.colour", text -> {
      ColourText.Typed typed = ColourText.read(text, press());
      put(new Swatch(this.swatch.name(), typed.colour(), typed.ink().or(() -> this.swatch.ink())));
    });
    inks = field("swatch-inks", "swatchCard.inks", text -> {
      Ink read = ColourText.read(text, press()).ink().orElseThrow(() -> Trouble.of("swatchCard.noInks", text));
      ink(Optional.of(this.swatch.ink().flatMap(Ink::asSpot)
          .map(s -> (Ink) new Ink.Spot(s.name(), s.kind(), read.process(), s.tint())).orElse(read)));
    });
    plate = field("swatch-plate", "swatchCard.plate", text -> spot(s -> new Ink.Spot(text.strip(), s.kind(), s.alternate(), s.tint())));
    tint = field("swatch-tint", "swatchCard.tint", text -> {
      double percent = Lengths.parseNumber(text.replace("%", ""), 0, 100);
      spot(s -> new Ink.Spot(s.name(), s.kind(), s.alternate(), percent / 100));
    });
    spot.getChildren().addAll(Controls.under(Wording.text("swatchCard.plate"), plate),
        pills("swatch-kind-", Ink.Kind.values(), kinds,
        i -> spot(s -> new Ink.Spot(s.name(), Ink.Kind.values()[i], s.alternate(), s.tint()))),
        Controls.under(Wording.text("swatchCard.tint"), tint));
    own.getChildren().addAll(Controls.under(Wording.text("swatchCard.inks"), inks), spot);
    paper.getChildren().addAll(Controls.under(Wording.text("swatchCard.name"), name),
        Controls.under(Wording.text("swatchCard.colour"), colour),
        Controls.under(Wording.text("swatchCard.printed"), pills("swatch-way-", Way.values(), ways, i -> way(Way.values()[i]))), own, note,
        rich,
        Controls.under(Wording.text("swatchCard.tints"), tints),
        Controls.button("swatch-remove", "swatchCard.remove", this::remove, "quiet"));
    paper.setPrefWidth(WIDE);
    for (Node node : new Node[] {own, spot, note, rich}) {
      node.managedProperty().bind(node.visibleProperty());
    }
    refresh();
    popup = Slips.above(by, paper, BELOW);
  }

  /** Opens the slip of a colour below a control. */
  static void open(Session session, Node by, Swatch swatch) {
    new SwatchSlip(session, by, swatch);
  }

  private static TypedField field(String id, String key, TypedField.TextTaker taking) {
    return new TypedField(id, Wording.text(key), taking).keeping();
  }

  private static Node pills(String id, Enum<?>[] all, ToggleGroup group, IntConsumer taking) {
    FlowPane pane = new FlowPane(4, 4);
    for (Enum<?> one : all) {
      String word = one.name().toLowerCase(Locale.ROOT);
      pane.getChildren().add(Pills.pill(id + word, Wording.of(one), group, () -> taking.accept(one.ordinal())));
    }
    return pane;
  }

  private Press press() {
    return session.job().colour().press();
  }

  private void put(Swatch other) {
    session.apply(ColourEdits.swatch(swatch.colour(), other));
    swatch = other;
    refresh();
  }

  private void ink(Optional<Ink> ink) {
    put(new Swatch(swatch.name(), swatch.colour(), ink));
  }

  private interface Spotting {
    Ink.Spot of(Ink.Spot spot);
  }

  private void spot(Spotting change) {
    swatch.ink().flatMap(Ink::asSpot).ifPresent(s -> {
      try {
        ink(Optional.of(change.of(s)));
      } catch (IllegalArgumentException badName) {
        session.say(Wording.text("swatchCard.badPlate"));
      }
    });
  }

  private void way(Way way) {
    var process = swatch.ink().map(Ink::process).orElseGet(() -> press().ink(swatch.colour()));
    ink(switch (way) {
      case PROFILE -> Optional.empty();
      case INKS -> Optional.of(new Ink.Process(process));
      default -> Optional.of(new Ink.Spot(plateName(), Ink.Kind.INK, process, 1));
    });
  }

  private String plateName() {
    String plain = swatch.name().isBlank() || swatch.name().startsWith("#") ? Wording.text("swatchCard.newPlate") : swatch.name();
    return plain.length() > Ink.Spot.LONGEST ? plain.substring(0, Ink.Spot.LONGEST) : plain;
  }

  /** Tints of the colour, each of which becomes a swatch at a click; a tint of a plate is on the same plate. */
  private void showTints() {
    tints.getChildren().clear();
    for (int percent = 80; percent >= 20; percent -= 20) {
      Swatch lighter = swatch.tint(percent / 100.0);
      Button chip = new Button();
      chip.setId("swatch-tint-" + percent);
      chip.getStyleClass().add("swatch");
      chip.setAccessibleText(lighter.name());
      Controls.tip(chip, lighter.name());
      chip.setStyle("-fx-background-color: -zt-line, " + lighter.colour().hex() + ";");
      chip.setOnAction(e -> session.apply(LookEdits.palette("edit.swatch", p -> p.with(lighter))));
      tints.getChildren().add(chip);
    }
  }

  private void remove() {
    popup.hide();
    session.apply(LookEdits.palette("edit.swatch", p -> p.without(swatch.colour())));
  }

  private void refresh() {
    showTints();
    rich.setVisible(Lab.of(swatch.colour()).nearlyBlack());
    name.show(swatch.name());
    colour.show(swatch.colour().hex());
    Optional<Ink.Spot> plates = swatch.ink().flatMap(Ink::asSpot);
    ways.selectToggle(ways.getToggles().get((plates.isPresent() ? Way.SPOT : swatch.ink().isPresent() ? Way.INKS : Way.PROFILE).ordinal()));
    own.setVisible(swatch.ink().isPresent());
    spot.setVisible(plates.isPresent());
    swatch.ink().ifPresent(i -> inks.show(i.asSpot().map(Ink.Spot::alternate).orElseGet(i::process).text()));
    plates.ifPresent(s -> {
      plate.show(s.name());
      tint.show(Wording.text("proof.percent", Lengths.plain(s.tint() * 100, 0)));
      kinds.selectToggle(kinds.getToggles().get(s.kind().ordinal()));
    });
    note.setText(swatch.ink().isPresent() ? "" : Wording.text("swatchCard.byProfile", press().ink(swatch.colour()).text()));
    note.setVisible(!note.getText().isEmpty());
    if (popup != null) {
      paper.requestLayout();
    }
  }
}
