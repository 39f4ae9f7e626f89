package org.zipthimble.desktop.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.edge.EdgeReach;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.StationView;

/** The findings of the job; a click goes to the face, the object and the place. */
public final class FindingsPane extends VBox implements StationView {
  private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

  private final Session session;
  private final VBox cards = new VBox(8);
  private final Label summary = Controls.wrapped("", "side-note");
  private final Label edgeNote = Controls.wrapped("", "line-note");
  private final Listening listening = new Listening();
  private final Node bench;

  /** The findings of a session's job. */
  public FindingsPane(Session session, Node bench, Node lenses) {
    this.session = session;
    this.bench = bench;
    getStyleClass().add("side");
    setSpacing(8);
    ScrollPane scroll = new PlainScroll(cards);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    summary.setId("findings-summary");
    getChildren().addAll(lenses, Controls.label(Wording.text("findings.title"), "side-title"), summary, edgeNote, scroll);
    edgeNote.setId("edge-note");
    edgeNote.managedProperty().bind(edgeNote.textProperty().isNotEmpty());
    listening.to(session.checking().reportProperty(), this::refresh).to(session.checking().lookedAtProperty(), this::refresh)
        .to(session.faceIdProperty(), this::refresh);
  }

  @Override
  public Node middle() {
    return bench;
  }

  @Override
  public Node side() {
    return this;
  }

  @Override
  public void entered() {
    listening.attach();
    refresh();
  }

  @Override
  public void left() {
    listening.release();
  }

  private void refresh() {
    List<Finding> findings = session.checking().findingsProperty().get();
    long ruin = findings.stream().filter(f -> f.weight() == Weight.RUIN).count();
    boolean counts = session.checking().report().counted() > 0;
    boolean looked = session.checking().looked();
    summary.setText(!looked ? Wording.text("findings.looking") : !counts ? Wording.text("findings.none")
        : ruin > 0 ? Wording.text("findings.ruin", (int) ruin) : Wording.text("findings.look"));
    edgeNote.setText(session.checking().report().edges(session.faceIdProperty().get()).map(this::reach).orElse(""));
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < findings.size(); i++) {
      if (findings.get(i).weight().counts()) {
        nodes.add(card(findings.get(i), i + 1));
      }
    }
    if (looked && !counts) {
      VBox well = new VBox(6, Icons.of(Icons.WELL, "big-well"),
          Controls.wrapped(Wording.text(session.job().ticket().bleed().most() > 0 ? "findings.well" : "findings.wellAlone"),
          "finding-text"));
      well.getStyleClass().add("well-card");
      nodes.add(well);
    }
    notes(findings, nodes);
    cards.getChildren().setAll(nodes);
  }

  /** What is good to know stands below, apart from what there is to see to. */
  private void notes(List<Finding> findings, List<Node> nodes) {
    boolean first = true;
    for (int i = 0; i < findings.size(); i++) {
      if (!findings.get(i).weight().counts()) {
        if (first) {
          nodes.add(Controls.label(Wording.text("findings.notes"), "field-label"));
          first = false;
        }
        nodes.add(card(findings.get(i), i + 1));
      }
    }
  }

  /** How far artwork reaches past each side of the face that is looked at. */
  private String reach(EdgeReach edges) {
    if (!edges.asked()) {
      return "";
    }
    if (edges.whiteAllRound()) {
      return Wording.text("findings.edges.white");
    }
    List<String> sides = new ArrayList<>();
    for (Side side : List.of(Side.LEFT, Side.TOP, Side.RIGHT, Side.BOTTOM)) {
      OptionalDouble past = edges.past(side);
      sides.add(past.isEmpty() ? Wording.text("findings.edge.none") : Lengths.plain(past.getAsDouble(), 3));
    }
    return Wording.text("findings.edges", sides.get(0), sides.get(1), sides.get(2), sides.get(3),
        Lengths.plain(session.frame().bleed().most(), 3));
  }

  /** What is found misspelt is right in all of the person's jobs. */
  private void spelt(Finding finding) {
    finding.itemId().flatMap(id -> session.job().face(finding.faceId()).flatMap(f -> f.find(id))).flatMap(Item::words)
        .ifPresent(w -> session.preferences().change(s -> s.knowing(w.text().substring((int) finding.figure(), (int) finding.limit()))));
  }

  private Node card(Finding finding, int number) {
    String weight = finding.weight().name().toLowerCase(Locale.ROOT);
    String faceName = session.job().face(finding.faceId()).map(Face::name).orElse("");
    HBox head = Controls.row(6, Icons.of(Icons.weight(finding.weight().ordinal()), "mark-" + weight),
        Controls.wrapped(finding.title(), "finding-title", weight));
    VBox inside = new VBox(
        5, head, Controls.wrapped(finding.sentence(), "finding-text"),
        Controls.wrapped(Wording.text("findings.mend", finding.mend()), "finding-mend"));
    List<Mend> mends = Checks.mends(session.job(), finding);
    if (!mends.isEmpty()) {
      FlowPane pills = new FlowPane(4, 4);
      mends.forEach(m -> {
        Button pill = Controls.button("finding-" + number + "-" + m.key().replace('.', '-'), m.key(), () -> {
          session.faceIdProperty().set(finding.faceId());
          session.applyBeside(m.edit());
        }, "quiet");
        pill.setText(m.title());
        pills.getChildren().add(pill);
      });
      if (finding.code().equals("words-spelt")) {
        pills.getChildren().add(Controls.button("finding-" + number + "-own", "findings.own", () -> spelt(finding), "quiet"));
      }
      inside.getChildren().add(pills);
    }
    inside.getChildren().add(Controls.label(Wording.text("findings.goto", faceName), "finding-go"));
    VBox card = Controls.card("finding-" + number, finding.title(), inside, () -> session.goTo(finding), "finding-card", weight);
    card.pseudoClassStateChanged(SELECTED, session.checking().lookedAtProperty().get().filter(finding::equals).isPresent());
    return card;
  }
}
