package org.zipthimble.desktop.station;

import java.util.Locale;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Gang;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.job.Ticket;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Spots;
import org.zipthimble.core.sheet.Pages;
import org.zipthimble.core.sheet.Papers;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.StationView;

/** How the item lies on what is printed: alone, or on a sheet with crop marks or without. */
public final class SheetStation implements StationView {
  private static final double NEAR = 1e-6;

  private final Session session;
  private final Runnable cut;
  private final LatestWork painter = new LatestWork();
  private final PagePicture picture = new PagePicture(painter);
  private final Listening listening = new Listening();
  private final StackPane bench = new StackPane();
  private final VBox side = new VBox(8);
  private final ScrollPane right = new ScrollPane(side);
  private final VBox papers = new VBox(6);
  private final ToggleGroup lying = new ToggleGroup();
  private final ToggleGroup sizes = new ToggleGroup();
  private final RadioButton alone = radio("sheet-alone", "sheetPane.alone", lying);
  private final RadioButton onPaper = radio("sheet-paper", "sheetPane.onPaper", lying);
  private final RadioButton several = radio("sheet-gang", "sheetPane.several", lying);
  private final GangCard gang;
  private final TypedField sheet;
  private final Label sheets = Controls.label("", "side-note");
  private final HBox turner;
  private int shown;
  private final RadioButton own = radio("sheet-own", "sheetPane.own", sizes);
  private final CheckBox marks;
  private final TypedField width;
  private final TypedField height;
  private final Label needs = Controls.wrapped("", "side-note");
  private final Label caption = Controls.label("", "sheet-caption");
  private final Label measure = Controls.label("", "side-note");
  private Node toCut;

  /**
   * The station for a session.
   *
   * @param cut shows how the pieces to be cut lie instead
   */
  public SheetStation(Session session, Runnable cut) {
    this.session = session;
    this.cut = cut;
    marks = Controls.check("sheet-marks", "sheetPane.marks", true,
        on -> session.apply(Edits.sheet(s -> s.withCropMarks(on))));
    width = new TypedField("sheet-width", Wording.text("sheetPane.width"), text -> paper(text, true));
    height = new TypedField("sheet-height", Wording.text("sheetPane.height"), text -> paper(text, false));
    gang = new GangCard(session);
    alone.setOnAction(e -> lay(false, false));
    onPaper.setOnAction(e -> lay(true, false));
    several.setOnAction(e -> lay(true, true));
    sheet = new TypedField("sheet-number", Wording.text("sheetPane.sheet"), text -> turn((int) Lengths.parseNumber(text, 1, 1_000_000) - 1));
    sheet.setPrefWidth(58);
    turner = Controls.row(4, Controls.iconButton("sheet-before", Icons.EARLIER, "sheetPane.before", () -> turn(shown - 1)), sheet, sheets,
        Controls.iconButton("sheet-next", Icons.LATER, "sheetPane.next", () -> turn(shown + 1)));
    build();
    listening.to(session.historyProperty(), this::refresh).to(session.faceIdProperty(), this::refresh)
        .to(bench.widthProperty(), this::refresh).to(bench.heightProperty(), this::refresh);
  }

  @Override
  public Node middle() {
    return bench;
  }

  @Override
  public Node side() {
    return right;
  }

  @Override
  public void entered() {
    listening.attach();
    refresh();
  }

  @Override
  public void left() {
    listening.release();
    painter.drop();
  }

  private void build() {
    VBox shown = new VBox(6, Controls.row(10, caption, turner, Controls.spring(), measure), picture);
    shown.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    shown.setAlignment(Pos.TOP_LEFT);
    picture.setOnMouseClicked(this::pressed);
    bench.getChildren().add(shown);
    bench.getStyleClass().add("plain-bench");
    bench.setMinSize(0, 0);
    for (Papers paper : Papers.values()) {
      RadioButton choice = radio("paper-" + paper.name().toLowerCase(Locale.ROOT), paper.key(), sizes);
      choice.setUserData(paper);
      choice.setOnAction(e -> session.apply(Edits.sheet(s -> s.withOnPaper(true).withPaper(paper.size()))));
      papers.getChildren().add(choice);
    }
    papers.getChildren().addAll(own, Controls.row(6, Controls.under(Wording.text("sheetPane.width"), width), Controls.under(Wording.text("sheetPane.height"), height)), marks);
    papers.getStyleClass().add("indented");
    side.getStyleClass().add("side");
    right.setFitToWidth(true);
    right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    right.getStyleClass().add("bare-scroll");
    VBox card = new VBox(10, alone, Controls.wrapped(Wording.text("sheetPane.alone.note"), "side-note"), onPaper, several, gang, papers);
    card.getStyleClass().add("card");
    Node toCut = Controls.button("sheet-cut", "cutSheet.toCut", cut, "quiet");
    toCut.managedProperty().bind(toCut.visibleProperty());
    this.toCut = toCut;
    side.getChildren().addAll(Controls.label(Wording.text("sheetPane.title"), "side-title"), card, needs, toCut);
  }

  private static RadioButton radio(String id, String key, ToggleGroup group) {
    RadioButton button = new RadioButton(Wording.text(key));
    button.setId(id);
    button.setToggleGroup(group);
    return button;
  }

  private void lay(boolean paper, boolean ganged) {
    session.apply(Edits.sheet(s -> s.withOnPaper(paper).withGang(ganged ? s.gang().or(() -> Optional.of(Gang.USUAL)) : Optional.empty())));
  }

  private void paper(String text, boolean across) throws Trouble {
    double inches = Lengths.parse(text, session.unit());
    if (!(inches >= 1 && inches <= Ticket.MOST_SIDE)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(1, session.unit()), Lengths.showWithSign(Ticket.MOST_SIDE, session.unit()));
    }
    session.apply(Edits.sheet(s -> s.withOnPaper(true).withPaper(across ? new Size(inches, s.paper().height()) : new Size(s.paper().width(), inches))));
  }

  private void refresh() {
    toCut.setVisible(!session.job().cutting().lanes().isEmpty());
    Job job = session.job();
    SheetPlan plan = job.sheet();
    Unit unit = session.unit();
    boolean ganged = Pages.ganged(PageOptions.of(job));
    lying.selectToggle(ganged ? several : plan.onPaper() ? onPaper : alone);
    gang.setVisible(ganged);
    gang.setManaged(ganged);
    turner.setVisible(false);
    papers.setDisable(!plan.onPaper());
    sizes.selectToggle(sizes.getToggles().stream()
        .filter(t -> t.getUserData() instanceof Papers && same(((Papers) t.getUserData()).size(), plan.paper())).findFirst().orElse(own));
    marks.setSelected(plan.cropMarks());
    width.show(Lengths.show(plan.paper().width(), unit));
    height.show(Lengths.show(plan.paper().height(), unit));
    needs.setText(Wording.text("sheetPane.needs", Lengths.show(Pages.needed(session.frame(), plan, true), unit)));
    caption.setText(Wording.text(plan.onPaper() ? "sheetPane.caption" : "sheetPane.captionAlone", session.face().name()));
    try {
      DrawnPage page = ganged ? ganged(job) : Pages.of(job, session.face(), PageOptions.of(job));
      measure.setText(Lengths.show(page.size(), unit));
      double scale = Math.min((bench.getWidth() - 80) / page.size().width(), (bench.getHeight() - 90) / page.size().height());
      if (scale > 1) {
        picture.show(() -> page, scale, session.halvings());
      }
      picture.setVisible(true);
    } catch (Trouble trouble) {
      needs.setText(trouble.getMessage());
      gang.show(Optional.empty());
      measure.setText(Lengths.show(plan.paper(), unit));
      picture.setVisible(false);
    }
  }

  /** The sheet that is looked at, as the bench's face lies on it. */
  private DrawnPage ganged(Job job) throws Trouble {
    GangPages pages = GangPages.of(job, job.faces(), PageOptions.of(job));
    gang.show(Optional.of(pages));
    needs.setText("");
    shown = Math.max(0, Math.min(pages.differing() - 1, shown));
    turner.setVisible(pages.differing() > 1);
    sheet.show(String.valueOf(shown + 1));
    sheets.setText(Wording.text("sheetPane.of", pages.differing()));
    return pages.shown(shown, job.faces().indexOf(session.face()));
  }

  /** A place of the first sheet of labels is used already, or is not. */
  private void pressed(MouseEvent e) {
    Optional<Gang> gang = session.job().sheet().gang().filter(g -> g.labels().isPresent() && shown == 0);
    double scale = picture.getFitWidth() / Math.max(0.01, session.job().sheet().paper().width());
    if (gang.isEmpty() || !(scale > 0)) {
      return;
    }
    try {
      List<Spots.Spot> spots = GangPages.of(session.job(), session.job().faces(), PageOptions.of(session.job())).spots();
      Point at = new Point(e.getX() / scale, e.getY() / scale);
      for (int i = 0; i < spots.size(); i++) {
        if (spots.get(i).trim().contains(at)) {
          Set<Integer> used = new TreeSet<>(gang.get().used());
          if (!used.remove(i)) {
            used.add(i);
          }
          session.apply(Edits.sheet(s -> s.withGang(s.gang().map(g -> g.withUsed(used)))));
          return;
        }
      }
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }

  private void turn(int to) {
    shown = to;
    refresh();
  }

  private static boolean same(Size a, Size b) {
    return Math.abs(a.width() - b.width()) < NEAR && Math.abs(a.height() - b.height()) < NEAR;
  }
}
