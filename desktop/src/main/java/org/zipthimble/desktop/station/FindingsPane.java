package org.zipthimble.desktop.station;

import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.Kit;
import org.zipthimble.desktop.state.Session;

/** The findings of the job; a click goes to the face, the object and the place. */
public final class FindingsPane extends VBox {
  private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

  private final Session session;
  private final VBox cards = new VBox(8);
  private final Label summary = Kit.wrapped("", "side-note");

  /** The findings of a session's job. */
  public FindingsPane(Session session, Node lenses) {
    this.session = session;
    getStyleClass().add("side");
    setSpacing(8);
    ScrollPane scroll = new ScrollPane(cards);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(lenses, Kit.label(Wording.text("findings.title"), "side-title"), summary, scroll);
    session.findingsProperty().addListener(o -> refresh());
    session.lookedAtProperty().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    List<Finding> findings = session.findingsProperty().get();
    long ruin = findings.stream().filter(f -> f.weight() == Weight.RUIN).count();
    summary.setText(findings.isEmpty()
        ? Wording.text("findings.none") : ruin > 0 ? Wording.counted("findings.ruin", (int) ruin) : Wording.text("findings.look"));
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < findings.size(); i++) {
      nodes.add(card(findings.get(i), i + 1));
    }
    if (findings.isEmpty()) {
      VBox well = new VBox(6, Icons.of(Icons.WELL, "big-well"), Kit.wrapped(Wording.text("findings.well"), "finding-text"));
      well.getStyleClass().add("well-card");
      nodes.add(well);
    }
    cards.getChildren().setAll(nodes);
  }

  private Node card(Finding finding, int number) {
    String weight = finding.weight() == Weight.RUIN ? "ruin" : "look";
    String faceName = session.job().face(finding.faceId()).map(Face::name).orElse("");
    HBox head = Kit.row(6, Icons.of(Icons.RUIN, "mark-" + weight), Kit.wrapped(finding.title(), "finding-title", weight));
    VBox inside = new VBox(
        5, head, Kit.wrapped(finding.sentence(), "finding-text"),
        Kit.wrapped(Wording.text("findings.mend", finding.mend()), "finding-mend"),
        Kit.label(Wording.text("findings.goto", faceName), "finding-go"));
    VBox card = Kit.card("finding-" + number, finding.title(), inside, () -> session.goTo(finding), "finding-card", weight);
    card.pseudoClassStateChanged(SELECTED, session.lookedAtProperty().get().filter(finding::equals).isPresent());
    return card;
  }
}
