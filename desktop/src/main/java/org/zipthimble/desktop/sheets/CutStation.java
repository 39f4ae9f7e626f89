package org.zipthimble.desktop.sheets;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.arrange.Resizing;
import org.zipthimble.core.cut.CutPiece;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.cut.Pieces;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.nest.Nest;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.Errand;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.StationView;

/** How the pieces lie on mats and rolls: one sheet large, all of them below, the lanes at the side. */
public final class CutStation implements StationView {
  private static final long SEARCH = 15_000;
  private static final PseudoClass TARGET = PseudoClass.getPseudoClass("target");

  private final Session session;
  private final LatestWork layer = new LatestWork();
  private final LatestWork mover = new LatestWork();
  private final Listening listening = new Listening();
  private final BorderPane bench = new BorderPane();
  private final CutMat mat;
  private final LaneCards lanes;
  private final HBox strip = new HBox(8);
  private final Label caption = Controls.label("", "sheet-caption");
  private final Label how = Controls.label("", "side-note");
  private final Label uses = Controls.wrapped("", "side-note");
  private final Label trouble = Controls.wrapped("", "line-note", "ruin");
  private final HBox ways = Controls.row(6,
      Controls.button("way-turn", "cutSheet.wayTurn", this::turn, "quiet"),
      Controls.button("way-scale", "cutSheet.wayScale", this::scale, "quiet"),
      Controls.button("way-split", "cutSheet.waySplit", () -> session().apply(CutEdits.plan("edit.cutPlan", p -> p.withSplit(
          new Split(true, List.of(), true, p.split().overlap())))), "quiet"));
  private final Button nest = Controls.button("cut-nest", "cutSheet.nest", this::nest, "main");
  private final ProgressBar bar = new ProgressBar(0);
  private final HBox running;
  private final Errand errand = new Errand();
  private Layout.Plan plan = new Layout.Plan(List.of(), List.of());
  private int chosen;
  private boolean nesting;

  /**
   * The station of a session.
   *
   * @param printed shows how the printed sheet lies instead
   */
  public CutStation(Session session, Runnable printed) {
    this.session = session;
    mat = new CutMat(session, this::refresh, new Moving());
    lanes = new LaneCards(session, this::lane, printed);
    bar.setPrefWidth(150);
    bar.setAccessibleText(Wording.text("cutSheet.nesting"));
    running = Controls.row(8, bar, Controls.button("cut-stop", "cutSheet.stop", errand::stop, "plain"));
    running.managedProperty().bind(running.visibleProperty());
    running.setVisible(false);
    trouble.managedProperty().bind(trouble.visibleProperty());
    ways.managedProperty().bind(trouble.visibleProperty());
    ways.visibleProperty().bind(trouble.visibleProperty());
    uses.managedProperty().bind(uses.visibleProperty());
    VBox top = new VBox(4, Controls.row(10, caption, Controls.spring(), how), uses, trouble, ways);
    top.getStyleClass().add("cut-top");
    StackPane middle = new StackPane(mat);
    middle.setMinSize(0, 0);
    ScrollPane sheets = new PlainScroll(strip);
    sheets.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    sheets.getStyleClass().add("bare-scroll");
    HBox.setHgrow(sheets, javafx.scene.layout.Priority.ALWAYS);
    HBox bottom = Controls.row(12, sheets, running, nest);
    bottom.getStyleClass().add("cut-bottom");
    bench.setTop(top);
    bench.setCenter(middle);
    bench.setBottom(bottom);
    bench.getStyleClass().add("plain-bench");
    bench.setMinSize(0, 0);
    uses.setVisible(false);
    caption.setText(Wording.text("cutSheet.laying"));
    listening.to(session.shownProperty(), this::refresh).to(session.preferences().settingsProperty(), this::refresh);
  }

  @Override
  public Node middle() {
    return bench;
  }

  @Override
  public Node side() {
    return lanes.pane();
  }

  @Override
  public void entered() {
    listening.attach();
    refresh();
  }

  @Override
  public void left() {
    listening.release();
    layer.drop();
    errand.stop();
  }

  private void refresh() {
    Job job = session.shownProperty().get();
    lanes.refresh(plan);
    layer.replace(() -> Layout.of(job), found -> {
      plan = found;
      show();
    });
  }

  /** Shows the first sheet of a lane. */
  private void lane(String id) {
    for (int i = 0; i < plan.sheets().size(); i++) {
      if (plan.sheets().get(i).lane().id().equals(id)) {
        chosen = i;
        show();
        return;
      }
    }
  }

  private void show() {
    Job job = session.shownProperty().get();
    chosen = Math.max(0, Math.min(chosen, plan.sheets().size() - 1));
    lanes.refresh(plan);
    List<Node> thumbs = new ArrayList<>();
    for (int i = 0; i < plan.sheets().size(); i++) {
      thumbs.add(thumb(i));
    }
    strip.getChildren().setAll(thumbs);
    nest.setDisable(nesting || plan.sheets().isEmpty() || !job.cutting().nested());
    trouble.setVisible(!plan.tooLarge().isEmpty());
    trouble.setText(plan.tooLarge().stream().findFirst().map(this::tooLarge).orElse(""));
    if (plan.sheets().isEmpty()) {
      caption.setText(Wording.text("cutSheet.none"));
      how.setText("");
      uses.setVisible(false);
      mat.clear();
      return;
    }
    CutSheet sheet = plan.sheets().get(chosen);
    String kind = Wording.text(sheet.supply().roll() ? "cutSheet.roll" : "cutSheet.mat");
    caption.setText(Wording.text("cutSheet.caption", kind, chosen + 1, plan.sheets().size(), sheet.lane().name()));
    String turns = Wording.of(job.cutting().turns());
    how.setText(job.cutting().nested()
        ? Wording.text("cutSheet.nestedHow", turns, Lengths.show(job.cutting().gap(), session.unit()))
        : Wording.text("cutSheet.asItStands"));
    uses.setVisible(true);
    double cost = sheet.lane().cost() * sheet.supply().usable().width() * sheet.length();
    String currency = session.preferences().now().currency();
    uses.setText(Wording.text("cutSheet.uses", Lengths.plain(sheet.yield() * 100, 0), Lengths.plain(sheet.waste(), 1))
        + (sheet.supply().roll() ? " · " + Wording.text("cutSheet.length", Lengths.showWithSign(sheet.length(), session.unit())) : "")
        + (cost > 0 && !currency.isEmpty() ? " · " + Wording.text("cutSheet.cost", Lengths.plain(cost, 2), currency) : ""));
    mat.show(sheet);
  }

  private Session session() {
    return session;
  }

  /** All objects of the face, as they are laid together. */
  private Set<String> all() {
    return session.face().items().stream().map(Item::id).collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private void turn() {
    Resizing.box(session.face(), all())
        .ifPresent(box -> session.apply(Resizing.turn(session.faceIdProperty().get(), all(), 90, box.centre())));
  }

  private void scale() {
    double factor = plan.tooLarge().stream().mapToDouble(Layout.TooLarge::scale).min().orElse(1);
    Resizing.box(session.face(), all())
        .ifPresent(box -> session.apply(Resizing.scale(session.faceIdProperty().get(), all(), factor, box.centre())));
  }

  private String tooLarge(Layout.TooLarge large) {
    String size = Lengths.show(new Size(large.box().width(), large.box().height()), session.unit());
    String usable = Lengths.show(new Size(large.lane().supply().usable().width(), large.lane().supply().usable().height()), session.unit());
    return Wording.text("finding.cut-size.sentence", large.piece().name(), size, large.lane().name(), usable) + " "
        + Wording.text(large.turned() ? "finding.cut-size.turn" : "finding.cut-size.noTurn", Lengths.plain(large.scale() * 100, 2));
  }

  private Node thumb(int index) {
    CutSheet sheet = plan.sheets().get(index);
    Node picture = CutMat.small(sheet, 46);
    VBox words = new VBox(1, Controls.label(Wording.text(sheet.supply().roll() ? "cutSheet.rollNumber" : "cutSheet.matNumber", index + 1),
        "card-name"),
        Controls.label(sheet.lane().name(), "side-note"));
    Node card = Controls.card("cut-sheet-" + (index + 1), Wording.text("cutSheet.matNumber", index + 1), Controls.row(8, picture, words),
        () -> {
      chosen = index;
      show();
    }, "sheet-thumb");
    card.pseudoClassStateChanged(PseudoClass.getPseudoClass("current"), index == chosen);
    return card;
  }

  /** Nests the lane of the sheet that is shown, beside the window; the best so far is shown all the while. */
  private void nest() {
    if (plan.sheets().isEmpty()) {
      return;
    }
    Lane lane = plan.sheets().get(chosen).lane();
    Job job = session.job();
    nesting = true;
    running.setVisible(true);
    show();
    AtomicReference<Nest> best = new AtomicReference<>();
    Runnable over = () -> ended(lane, Optional.ofNullable(best.get()));
    errand.begin(progress -> {
      Layout.nest(lane, Pieces.of(job, lane), job.cutting(), SEARCH, progress, found -> {
        best.set(found);
        Platform.runLater(() -> tryOut(lane, found));
      });
      return lane;
    }, bar::setProgress, new Errand.Ending<>(same -> over.run(), sentence -> {
      over.run();
      session.say(sentence);
    }, over));
  }

  /** Takes pieces that are pulled onto the small picture of another sheet of their lane, or beside them onto a new one. */
  private final class Moving implements CutMat.Leaving {
    @Override
    public void over(double sceneX, double sceneY) {
      for (Node thumb : strip.getChildren()) {
        thumb.pseudoClassStateChanged(TARGET, thumb.contains(thumb.sceneToLocal(sceneX, sceneY)));
      }
    }

    @Override
    public boolean dropped(CutSheet from, CutPiece piece, double sceneX, double sceneY) {
      over(-1, -1);
      for (int i = 0; i < strip.getChildren().size(); i++) {
        Node thumb = strip.getChildren().get(i);
        if (thumb.contains(thumb.sceneToLocal(sceneX, sceneY))) {
          take(from, piece, plan.sheets().get(i));
          return true;
        }
      }
      Node below = strip.getParent();
      if (below.contains(below.sceneToLocal(sceneX, sceneY)) && !session.job().cutting().split().on()) {
        onto(from, piece, plan.of(from.lane().id()).size() + 1);
        return true;
      }
      return false;
    }

    private void take(CutSheet from, CutPiece piece, CutSheet to) {
      if (!to.lane().id().equals(from.lane().id())) {
        session.say(Wording.text("cutSheet.otherLane", to.lane().name(), from.lane().name()));
      } else if (session.job().cutting().split().on()) {
        session.say(Wording.text("cutSheet.splitStays"));
      } else if (to.number() != from.number()) {
        onto(from, piece, to.number());
      }
    }

    private void onto(CutSheet from, CutPiece piece, int sheet) {
      Job job = session.job();
      mover.want(() -> Layout.onto(job, from.lane(), piece, sheet), found -> {
        if (job != session.job()) {
          return;
        }
        found.ifPresentOrElse(laid -> session.apply(CutEdits.laid(from.lane().id(), laid, "edit.layPiece")),
            () -> session.say(Wording.text("cutSheet.noRoom", piece.name(), sheet)));
      });
    }
  }

  private Edit laid(Lane lane, Nest nest) {
    return CutEdits.laid(lane.id(), Layout.laid(nest), "edit.nest");
  }

  private void tryOut(Lane lane, Nest nest) {
    if (nesting) {
      session.tryOut(laid(lane, nest));
    }
  }

  private void ended(Lane lane, Optional<Nest> nest) {
    nesting = false;
    running.setVisible(false);
    session.dropTry();
    nest.ifPresent(n -> {
      session.apply(laid(lane, n));
      session.say(Wording.text("cutSheet.nested", lane.name(), Lengths.plain(n.yield() * 100, 0), n.sheets()));
    });
    show();
  }
}
