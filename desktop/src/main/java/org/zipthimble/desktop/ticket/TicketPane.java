package org.zipthimble.desktop.ticket;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.edge.EdgeReach;
import org.zipthimble.core.check.picture.PictureResolution;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** The ticket: a docket with the physical properties of the job, each edited where it stands. */
public final class TicketPane extends StackPane {
  private static final double WIDTH = 208;
  private static final double SPINE = 30;
  private static final double TOOTH = 6;

  private final Session session;
  private final BooleanProperty folded = new SimpleBooleanProperty();
  private final Label title = Controls.wrapped("", "docket-title");
  private final Label faces = Controls.label("", "docket-sub");
  private final TypedField width;
  private final TypedField height;
  private final Label sizeNote = Controls.label("", "line-note");
  private final SidesLine bleed;
  private final SidesLine safe;
  private final TicketLine pictures;
  private final ColourLine colour;
  private final TicketLine stock;
  private final TicketLine quantity;
  private final Button mirror;
  private final ComboBox<String> process = new ComboBox<>();
  private final Button mirrorBy;
  private boolean showing;
  private final Label processNote = Controls.wrapped("", "line-note");
  private final Label mirrorNote = Controls.label("", "line-note", "well");

  /** The ticket of a session's job. */
  public TicketPane(Session session) {
    this.session = session;
    getStyleClass().add("ticket-side");
    width = new TypedField("ticket-width", Wording.text("ticket.width.spoken"), text -> size(length(text), true));
    height = new TypedField("ticket-height", Wording.text("ticket.height.spoken"), text -> size(length(text), false));
    bleed = new SidesLine(session, "ticket-bleed", "ticket.bleed", () -> Ticket.MOST_BLEED,
        insets -> session.apply(Edits.ticket("edit.ticket.bleed", t -> t.withBleed(insets))));
    safe = new SidesLine(session, "ticket-safe", "ticket.safe", () -> Ticket.mostSafe(session.job().ticket().finished()),
        insets -> session.apply(Edits.ticket("edit.ticket.safe", t -> t.withSafe(insets))));
    pictures = new TicketLine("ticket-ppi", "ticket.pictures", text -> {
      double ppi = Lengths.parseNumber(text.replace(Wording.text("ticket.ppi"), ""), Ticket.LEAST_PPI, Ticket.MOST_PPI);
      session.apply(Edits.ticket("edit.ticket.ppi", t -> t.withPpi(ppi)));
    });
    colour = new ColourLine(session);
    stock = new TicketLine("ticket-stock", "ticket.stock",
        text -> session.apply(Edits.ticket("edit.ticket.stock", t -> t.withStock(text.strip()))));
    quantity = new TicketLine("ticket-quantity", "ticket.quantity", text -> {
      int count = (int) Lengths.parseNumber(text, 1, Ticket.MOST);
      session.apply(Edits.ticket("edit.ticket.quantity", t -> t.withQuantity(count)));
    });
    mirror = Controls.button("ticket-mirror", "ticket.mirror.off",
        () -> session.apply(Edits.ticket("edit.ticket.mirror", t -> t.withMirror(!t.mirror()))), "line-button");
    process.getItems().setAll(Stream.of(Process.values()).map(Process::title).toList());
    process.setId("ticket-process");
    process.setAccessibleText(Wording.text("ticket.process"));
    process.setMaxWidth(Double.MAX_VALUE);
    process.setOnAction(e -> {
      if (!showing) {
        session.apply(ThingEdits.process(Process.values()[process.getSelectionModel().getSelectedIndex()]));
      }
    });
    mirrorBy = Controls.button("ticket-mirror-by", "ticket.mirrorBy.program", () -> session.apply(ThingEdits.mirrorBy(
        session.job().making().by() == Making.MirrorBy.PROGRAM ? Making.MirrorBy.MACHINE : Making.MirrorBy.PROGRAM)), "line-button");
    mirrorBy.managedProperty().bind(mirrorBy.visibleProperty());
    Node whole = docket();
    Node spine = spine();
    getChildren().setAll(whole);
    folded.addListener((o, was, is) -> {
      getChildren().setAll(is ? spine : whole);
      width(is ? SPINE : WIDTH);
    });
    width(WIDTH);
    session.historyProperty().addListener(o -> refresh());
    session.checking().reportProperty().addListener(o -> refresh());
    refresh();
  }

  /** The place of a ticket that is not made yet. */
  public static Region place() {
    Region place = new Region();
    place.getStyleClass().add("ticket-side");
    place.setMinWidth(WIDTH);
    place.setPrefWidth(WIDTH);
    return place;
  }

  /** Whether only the spine is seen. */
  public BooleanProperty foldedProperty() {
    return folded;
  }

  private void width(double pixels) {
    setMinWidth(pixels);
    setPrefWidth(pixels);
    setMaxWidth(pixels);
  }

  private Node spine() {
    Button open = Controls.iconButton("ticket-unfold", Icons.FOLD, "ticket.unfold", () -> folded.set(false), "unfold");
    Label name = Controls.label(Wording.text("ticket.spine"), "spine-title");
    name.setRotate(-90);
    name.setMinWidth(USE_PREF_SIZE);
    VBox spine = new VBox(44, open, new Group(name));
    spine.getStyleClass().add("spine");
    spine.setAlignment(Pos.TOP_CENTER);
    return spine;
  }

  private Node docket() {
    HBox sizes = Controls.row(4, width, Controls.label(Wording.text("field.by"), "docket-sub"), height,
        Controls.iconButton("ticket-swap", Icons.SWAP, "ticket.swap",
            () -> session.apply(Edits.ticket("edit.ticket.size", t -> t.sized(t.finished().swapped())))));
    List.of(width, height).forEach(f -> f.prefColumnCountProperty().bind(
        Bindings.createIntegerBinding(() -> Math.max(1, Math.min(6, f.getLength())), f.lengthProperty())));
    VBox lines = new VBox(
        lineOf("ticket.size", sizes, sizeNote, Optional.empty()), bleed, safe, pictures,
        colour,
        lineOf("ticket.process", process, processNote, Optional.empty()),
        lineOf("ticket.mirror", new VBox(2, mirror, mirrorBy), mirrorNote, Optional.empty()), stock, quantity);
    Circle hole = new Circle(6);
    hole.getStyleClass().add("punched-hole");
    Button fold = Controls.iconButton("ticket-fold", Icons.FOLD, "ticket.fold", () -> folded.set(true));
    StackPane head = new StackPane(hole, fold);
    StackPane.setAlignment(fold, Pos.CENTER_RIGHT);
    VBox paper = new VBox(2, head, title, faces, Controls.stitch(), lines);
    paper.getStyleClass().add("docket");
    ScrollPane scroll = new PlainScroll(new VBox(paper, torn()));
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setFocusTraversable(false);
    return scroll;
  }

  private static Node torn() {
    Polyline edge = new Polyline();
    double across = WIDTH - 20;
    edge.getPoints().addAll(0.0, 0.0);
    int teeth = (int) Math.round(across / (2 * TOOTH));
    for (int i = 0; i <= teeth * 2; i++) {
      edge.getPoints().addAll(across * i / (teeth * 2), i % 2 == 0 ? 1.0 : TOOTH);
    }
    edge.getPoints().addAll(across, 0.0);
    edge.getStyleClass().add("torn-edge");
    VBox box = new VBox(edge);
    box.getStyleClass().add("torn");
    return box;
  }

  private void refresh() {
    Job job = session.job();
    Ticket ticket = job.ticket();
    Unit unit = ticket.unit();
    title.setText(ticket.item());
    faces.setText(Wording.text("ticket.sub", Wording.text("faces", job.faces().size()), ticket.number()));
    width.show(Lengths.show(ticket.finished().width(), unit));
    height.show(Lengths.show(ticket.finished().height(), unit));
    sizeNote.setText(Lengths.show(ticket.finished(), unit == Unit.INCH ? Unit.MILLIMETRE : Unit.INCH));
    bleed.show(ticket.bleed());
    Map<String, EdgeReach> reaches = session.checking().report().edges();
    List<Face> made = job.faces().stream().filter(f -> !f.items().isEmpty() && reaches.containsKey(f.id()) && reaches.get(f.id()).asked())
        .collect(Collectors.toList());
    Optional<Face> whiteFace = made.stream().filter(f -> reaches.get(f.id()).whiteAllRound()).findFirst();
    boolean white = whiteFace.isPresent();
    Optional<EdgeReach> partly = made.stream().map(f -> reaches.get(f.id())).filter(e -> !e.bare().isEmpty()).findFirst();
    boolean blank = job.faces().stream().allMatch(f -> f.items().isEmpty());
    bleed.line().judge(found("bleed-short"), 
        ticket.bleed().most() == 0 ? "ticket.bleed.zero" : blank ? "ticket.bleed.blank" : white ? "ticket.bleed.white"
        : "ticket.bleed.well",
        ticket.bleed().most() > 0 && !white && !blank && partly.isEmpty());
    if (job.faces().size() > 1 && found("bleed-short").isEmpty()) {
      whiteFace.ifPresent(f -> bleed.line().note(Wording.text("ticket.bleed.whiteFace", f.name())));
    }
    if (!blank && !white && found("bleed-short").isEmpty()) {
      partly.ifPresent(e -> bleed.line()
          .note(Wording.text("ticket.bleed.partly", e.bare().stream().map(Side::spoken).collect(Collectors.joining(", ")))));
    }
    safe.show(ticket.safe());
    safe.line().judge(found("words-outside"), "ticket.safe.well", true);
    pictures.show(Wording.text("ticket.ppi.value", Lengths.plain(ticket.ppi(), 1)));
    pictures.judge(found("picture-small"), "ticket.pictures.none", true);
    PictureResolution.lowest(job).ifPresent(ppi ->
        pictures.note(Wording.text("ticket.pictures.lowest", Lengths.plain(Math.floor(ppi), 0))));
    colour.refresh();
    mirror.setText(Wording.text(ticket.mirror() ? "ticket.mirror.on" : "ticket.mirror.off"));
    mirrorNote.setText(Wording.text(ticket.mirror() ? job.mirrorsHere() ? "ticket.mirror.onNote" : "ticket.mirror.thereNote"
        : "ticket.mirror.offNote"));
    mirrorBy.setVisible(job.mustMirror());
    mirrorBy.setText(Wording.text(job.making().by() == Making.MirrorBy.PROGRAM ? "ticket.mirrorBy.program" : "ticket.mirrorBy.machine"));
    showing = true;
    process.getSelectionModel().select(job.process().ordinal());
    showing = false;
    processNote.setText(job.making().thing().map(Thing::title).orElse(""));
    processNote.setManaged(!processNote.getText().isEmpty());
    stock.show(ticket.stock());
    stock.prompt(Wording.text("ticket.stock.prompt"));
    stock.note(job.sheet().onPaper()
        ? Wording.text("ticket.stock.sheet", Lengths.show(job.sheet().paper(), unit)) : Wording.text("ticket.stock.alone"));
    quantity.show(String.valueOf(ticket.quantity()));
  }

  private List<Finding> found(String code) {
    return session.checking().findingsProperty().get().stream().filter(f -> f.code().equals(code)).toList();
  }

  private double length(String text) throws Trouble {
    return Lengths.parse(text, session.unit());
  }

  private void size(double inches, boolean across) throws Trouble {
    if (!(inches >= Ticket.LEAST_SIDE && inches <= Ticket.MOST_SIDE)) {
      throw outOfRange(inches, Ticket.LEAST_SIDE, Ticket.MOST_SIDE);
    }
    session.apply(Edits.ticket("edit.ticket.size", t -> t.sized(across
        ? new Size(inches, t.finished().height()) : new Size(t.finished().width(), inches))));
  }

  private Trouble outOfRange(double inches, double least, double most) {
    Unit unit = session.unit();
    return Trouble.of("field.range", Lengths.showWithSign(inches, unit), Lengths.showWithSign(least, unit),
        Lengths.showWithSign(most, unit));
  }

  private static VBox lineOf(String key, Node value, Label note, Optional<Node> mark) {
    HBox row = Controls.row(4, value);
    HBox.setHgrow(value, Priority.ALWAYS);
    mark.ifPresent(m -> row.getChildren().add(m));
    VBox line = new VBox(Controls.label(Wording.text(key), "line-label"), row, note);
    line.getStyleClass().add("ticket-line");
    return line;
  }

}
