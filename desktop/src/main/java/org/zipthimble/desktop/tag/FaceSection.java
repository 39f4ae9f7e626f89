package org.zipthimble.desktop.tag;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zipthimble.core.bring.PaletteFile;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.ColourText;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.edit.GuideEdits;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** What the tag holds while nothing is selected: the stock's colour, swatches, guides, columns and rows, grid, nudge. */
final class FaceSection extends Section {
  private static final int MOST_SHOWN = 40;

  private final VBox guides = new VBox(4);
  private final FlowPane swatches = new FlowPane(4, 4);
  private List<Guide> guidesShown = List.of();
  private List<Swatch> swatchesShown = List.of();
  private Columns columns = Columns.of(2, 1, 0.5, 0.25);

  private final LatestWork reader = new LatestWork();

  FaceSection(Session session) {
    super(session);
    ColourField stock = new ColourField("face-stock", Wording.text("faceTag.stock"), false, session,
        () -> List.of(Colour.WHITE, Colour.of(0xFBF5E6), Colour.of(0xE9D8B4), Colour.of(0xC9A77A), Colour.of(0xD9DDE0),
        Colour.of(0x2B2F55)),
        colour -> colour.ifPresent(c -> session.apply(LookEdits.palette("edit.stock", p -> p.withStock(c)))));
    fresh.add(() -> stock.show(Optional.of(session.shownProperty().get().palette().stock())));
    getChildren().addAll(Controls.label(Wording.text("tag.none"), "side-title"),
        Controls.wrapped(Wording.text("tag.none.hint"), "side-note"),
        Controls.under(Wording.text("faceTag.stock"), stock), Controls.under(Wording.text("faceTag.nudge"), nudge()),
        Controls.label(Wording.text("faceTag.swatches"), "field-label"), swatches, Controls.stitch(),
        guideHead(), guides, Controls.stitch(), Controls.label(Wording.text("faceTag.columns"), "field-label"), columnFields(), gridRow());
    fresh.add(this::showGuides);
    fresh.add(this::showSwatches);
  }

  private TypedField nudge() {
    return length("face-nudge", "faceTag.nudge", Settings.LEAST_NUDGE, Settings.MOST_NUDGE, () -> session.preferences().now().nudge(),
        value -> {
          session.preferences().change(s -> s.withNudge(value));
          refresh();
        });
  }

  private Node guideHead() {
    return new VBox(3, Controls.label(Wording.text("faceTag.guides"), "field-label"), Controls.row(4,
        Controls.button("guide-across", "faceTag.guide.across", () -> add(Guide.across(middle().y())), "quiet"),
        Controls.button("guide-down", "faceTag.guide.down", () -> add(Guide.down(middle().x())), "quiet"),
        Controls.button("guide-slant", "faceTag.guide.slant", () -> add(new Guide(middle(), 45, false)), "quiet")));
  }

  private Point middle() {
    return session.frame().trim().centre();
  }

  private void add(Guide guide) {
    session.apply(GuideEdits.add(face(), guide));
  }

  private void showGuides() {
    List<Guide> lines = session.face().guides().lines();
    if (lines.equals(guidesShown)) {
      return;
    }
    guidesShown = lines;
    guides.getChildren().clear();
    for (int i = 0; i < Math.min(MOST_SHOWN, lines.size()); i++) {
      guides.getChildren().add(guideRow(i, lines.get(i)));
    }
  }

  private Node guideRow(int index, Guide guide) {
    TypedField at = new TypedField("guide-at-" + index, Wording.text("faceTag.guide.at"), text -> {
      double inches = Lengths.parse(text, session.unit());
      Point p = guide.level() ? new Point(guide.through().x(), inches) : new Point(inches, guide.through().y());
      session.apply(GuideEdits.change(face(), index, guide.withThrough(p)));
    });
    at.show(Lengths.show(guide.level() ? guide.through().y() : guide.through().x(), session.unit()));
    at.setPrefWidth(70);
    TypedField turn = new TypedField("guide-turn-" + index, Wording.text("faceTag.guide.turn"), text ->
        session.apply(GuideEdits.change(face(), index, guide.withDegrees(Lengths.parseNumber(text, -360, 360)))));
    turn.show(Wording.text("tag.degrees", Lengths.plain(guide.degrees(), 2)));
    turn.setPrefWidth(52);
    CheckBox axis = Controls.check("guide-axis-" + index, "faceTag.guide.axis", guide.axis(),
        on -> session.apply(GuideEdits.change(face(), index, guide.withAxis(on))));
    Controls.tip(axis, Wording.text("faceTag.guide.axis.tip"));
    axis.setMinWidth(USE_PREF_SIZE);
    return Controls.row(4, at, turn, axis, Controls.iconButton("guide-remove-" + index, Icons.AWAY, "faceTag.guide.remove",
        () -> session.apply(GuideEdits.remove(face(), index))));
  }

  private Node columnFields() {
    HBox counts = Controls.row(4,
        Controls.under(Wording.text("repeat.columns"),
        number("columns-across", "repeat.columns", 1, Columns.MOST, () -> String.valueOf(columns.columns()),
            v -> put(new Columns((int) v, columns.rows(), columns.left(), columns.top(), columns.right(), columns.bottom(),
            columns.gutter())))),
        Controls.under(Wording.text("repeat.rows"),
        number("columns-down", "repeat.rows", 1, Columns.MOST, () -> String.valueOf(columns.rows()),
            v -> put(new Columns(columns.columns(), (int) v, columns.left(), columns.top(), columns.right(), columns.bottom(),
            columns.gutter())))),
        Controls.under(Wording.text("faceTag.margin"), length("columns-margin", "faceTag.margin", 0, Ticket.MOST_SIDE, () -> columns.left(),
            v -> put(Columns.of(columns.columns(), columns.rows(), v, columns.gutter())))),
        Controls.under(Wording.text("faceTag.gutter"),
        length("columns-gutter", "faceTag.gutter", 0, Ticket.MOST_SIDE, () -> columns.gutter(),
            v -> put(new Columns(columns.columns(), columns.rows(), columns.left(), columns.top(), columns.right(), columns.bottom(),
            v)))));
    Button none = Controls.button("columns-none", "faceTag.columns.none",
        () -> session.apply(GuideEdits.columns(face(), Optional.empty())), "quiet");
    Button lay = Controls.button("columns-lay", "faceTag.columns.lay", () -> put(columns), "quiet");
    fresh.add(() -> {
      Guides now = session.face().guides();
      now.columns().ifPresent(c -> columns = c);
      none.setDisable(now.columns().isEmpty());
    });
    return new VBox(5, counts, Controls.row(4, lay, none));
  }

  private void put(Columns wanted) {
    columns = wanted;
    if (wanted.goesOn(session.frame().size())) {
      session.apply(GuideEdits.columns(face(), Optional.of(wanted)));
    } else {
      session.say(Wording.text("faceTag.columns.tooMany"));
    }
    refresh();
  }

  private Node gridRow() {
    CheckBox shown = Controls.check("face-grid", "faceTag.grid", session.preferences().now().gridShown(),
        on -> session.preferences().change(s -> s.withGrid(s.grid(), on)));
    fresh.add(() -> shown.setSelected(session.preferences().now().gridShown()));
    TypedField step = length("face-grid-step", "faceTag.gridStep", Settings.LEAST_GRID, Settings.MOST_GRID,
        () -> session.preferences().now().grid(), v -> {
      session.preferences().change(s -> s.withGrid(v, true));
      refresh();
    });
    step.setPrefWidth(70);
    CheckBox snap = Controls.check("face-snap", "faceTag.snap", session.preferences().now().snap(),
        on -> session.preferences().change(s -> s.withSnap(on)));
    fresh.add(() -> snap.setSelected(session.preferences().now().snap()));
    return Controls.row(8, shown, step, snap);
  }

  private void showSwatches() {
    List<Swatch> wanted = session.shownProperty().get().palette().swatches();
    if (wanted.equals(swatchesShown) && !swatches.getChildren().isEmpty()) {
      return;
    }
    swatchesShown = wanted;
    swatches.getChildren().clear();
    for (Swatch swatch : wanted) {
      Button tile = new Button();
      tile.getStyleClass().add("swatch");
      tile.setId("swatch-" + (swatches.getChildren().size() + 1));
      tile.setAccessibleText(Wording.text("faceTag.swatch.open", swatch.name()));
      Controls.tip(tile, Wording.text("faceTag.swatch.open", swatch.name()));
      tile.setStyle("-fx-background-color: -zt-line, " + swatch.colour().hex() + ";");
      tile.setOnAction(e -> SwatchSlip.open(session, tile, swatch));
      swatches.getChildren().add(tile);
    }
    TypedField add = new TypedField("swatch-add", Wording.text("faceTag.swatch.add"), text -> {
      ColourText.Typed typed = ColourText.read(text, session.job().colour().press());
      session.apply(typed.ink().isPresent() ? ColourEdits.ink(typed.colour(), typed.ink()) : LookEdits.keep(typed.colour()));
    });
    add.setPromptText(Wording.text("faceTag.swatch.add"));
    add.setPrefWidth(92);
    swatches.getChildren().addAll(add, Controls.button("palette-in", "paletteFile.in", () -> bring(false), "quiet"),
        Controls.button("palette-out", "paletteFile.out", this::write, "quiet"),
        Controls.button("palette-repaint", "paletteFile.repaint", () -> bring(true), "quiet"));
  }

  /** Brings a palette file in: its colours join the palette, or the design is recoloured by them in turn. */
  private void bring(boolean repaint) {
    Optional<Path> file = session.asker().palette();
    if (file.isEmpty()) {
      return;
    }
    reader.read(progress -> Importers.palette(file.get()), read ->
        session.apply(repaint ? ColourEdits.repaint(read) : LookEdits.palette("edit.palette.in", p -> p.joined(read))), session::say);
  }

  private void write() {
    Optional<Path> file = session.asker().whereToSend(session.fileName(".gpl"), ".gpl");
    try {
      if (file.isPresent() && (!Files.exists(file.get()) || session.asker().mayReplace(List.of(file.get().getFileName().toString())))) {
        SafeWrite.write(file.get(), PaletteFile.write(file.get().getFileName().toString(), session.job().name(),
            session.job().palette().swatches()));
        session.say(Wording.text("paletteFile.written", file.get().getFileName()));
      }
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }
}
