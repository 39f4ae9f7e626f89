package org.zipthimble.desktop.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.sheet.Booklet;
import org.zipthimble.core.sheet.BookletPages;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.Guillotine;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Papers;
import org.zipthimble.core.sheet.Spots;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.StationView;

/** How the item lies on what is printed: alone, or on a sheet with crop marks or without. */
public final class SheetStation implements StationView {
  private static final double NEAR = 1e-6;

  /** Farther than this, in inches, a piece was drawn and not only pressed. */
  private static final double DRAWN = 0.06;

  private final Session session;
  private final Runnable cut;
  private final LatestWork painter = new LatestWork();
  private final PagePicture picture = new PagePicture(painter);
  private final Listening listening = new Listening();
  private final StackPane bench = new StackPane();
  private final VBox side = new VBox(8);
  private final ScrollPane right = new PlainScroll(side);
  private final VBox papers = new VBox(6);
  private final ToggleGroup lying = new ToggleGroup();
  private final ToggleGroup sizes = new ToggleGroup();
  private final RadioButton alone = radio("sheet-alone", "sheetPane.alone", lying);
  private final RadioButton onPaper = radio("sheet-paper", "sheetPane.onPaper", lying);
  private final RadioButton several = radio("sheet-gang", "sheetPane.several", lying);
  private final RadioButton booklet = radio("sheet-booklet", "sheetPane.booklet", lying);
  private final GangCard gang;
  private final SheetCard card;
  private final GuestCard guests;
  private final SheetOver over = new SheetOver();
  private final LatestWork behindPainter = new LatestWork();
  private final PagePicture behind = new PagePicture(behindPainter);
  private final CheckBox cuts = new CheckBox(Wording.text("sheetPane.cuts"));
  private final Label cutList = Controls.wrapped("", "side-note");
  private final HBox sides;
  private final ToggleGroup seen = new ToggleGroup();
  private final VBox ownPapers = new VBox(6);
  private final Label scaled = Controls.wrapped("", "side-note");
  private final TypedField percent;
  private double printedAt = 100;
  private Facing facing = Facing.FRONT;
  private Optional<Integer> held = Optional.empty();
  private Optional<GangPages> laid = Optional.empty();
  private double scale = 1;
  private Point from = new Point(0, 0);
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

  /** From where a sheet is looked at. */
  private enum Facing {
    FRONT, BACK, LIGHT
  }

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
    percent = new TypedField("sheet-percent", Wording.text("sheetPane.percent"), text -> {
      printedAt = Lengths.parseNumber(text.replace("%", ""), 1, 1000);
      scale();
    });
    percent.setPrefWidth(64);
    scaled.setId("sheet-scaled");
    gang = new GangCard(session);
    card = new SheetCard(session);
    guests = new GuestCard(session);
    sides = Controls.row(4);
    for (Facing one : Facing.values()) {
      String word = one.name().toLowerCase(Locale.ROOT);
      ToggleButton pill = Pills.pill("sheet-look-" + word, Wording.text("sheetPane.look." + word), seen, () -> {
        facing = one;
        refresh();
      });
      pill.setUserData(one);
      sides.getChildren().add(pill);
    }
    cuts.setId("sheet-cuts");
    cuts.setOnAction(e -> refresh());
    cutList.setId("sheet-cut-list");
    booklet.setOnAction(e -> session.apply(new Edit(Wording.text("edit.sheet"), BookletPages::laid)));
    alone.setOnAction(e -> lay(false, false));
    onPaper.setOnAction(e -> lay(true, false));
    several.setOnAction(e -> lay(true, true));
    sheet = new TypedField("sheet-number", Wording.text("sheetPane.sheet"),
        text -> turn((int) Lengths.parseNumber(text, 1, 1_000_000) - 1));
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
    behindPainter.drop();
  }

  private void build() {
    behind.setScaleX(-1);
    behind.setOpacity(0.45);
    behind.setMouseTransparent(true);
    StackPane sheetStack = new StackPane(picture, behind, over);
    sheetStack.setAlignment(Pos.TOP_LEFT);
    sheetStack.setMaxWidth(Region.USE_PREF_SIZE);
    caption.setWrapText(true);
    measure.setMinWidth(Region.USE_PREF_SIZE);
    VBox shown = new VBox(6, Controls.row(10, caption, turner, sides, Controls.spring(), measure), sheetStack);
    shown.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    shown.setAlignment(Pos.TOP_CENTER);
    picture.setOnMousePressed(this::grasped);
    picture.setOnMouseReleased(this::released);
    bench.getChildren().add(shown);
    bench.getStyleClass().add("plain-bench");
    bench.setMinSize(0, 0);
    for (Papers paper : Papers.values()) {
      RadioButton choice = radio("paper-" + paper.name().toLowerCase(Locale.ROOT), paper.key(), sizes);
      choice.setUserData(paper);
      choice.setOnAction(e -> session.apply(Edits.sheet(s -> s.withOnPaper(true).withPaper(paper.size()))));
      papers.getChildren().add(choice);
    }
    papers.getChildren().addAll(ownPapers, own,
        Controls.row(6, Controls.under(Wording.text("sheetPane.width"), width), Controls.under(Wording.text("sheetPane.height"), height)),
        Controls.row(4, Controls.button("paper-keep", "sheetPane.keepPaper", () -> keep(session.job().sheet().paper(), true), "quiet"),
        Controls.button("paper-drop", "sheetPane.dropPaper", () -> keep(session.job().sheet().paper(), false), "quiet")), marks);
    papers.getStyleClass().add("indented");
    side.getStyleClass().add("side");
    right.setFitToWidth(true);
    right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    right.getStyleClass().add("bare-scroll");
    VBox all = new VBox(10, alone, Controls.wrapped(Wording.text("sheetPane.alone.note"), "side-note"), onPaper, several, gang, booklet,
        papers, card, guests);
    all.getStyleClass().add("card");
    Node toCut = Controls.button("sheet-cut", "cutSheet.toCut", cut, "quiet");
    toCut.managedProperty().bind(toCut.visibleProperty());
    this.toCut = toCut;
    side.getChildren().addAll(Controls.label(Wording.text("sheetPane.title"), "side-title"), all, needs,
        Controls.row(6, Controls.label(Wording.text("sheetPane.percent"), "field-label"), percent), scaled, cuts, cutList, toCut);
  }

  private static RadioButton radio(String id, String key, ToggleGroup group) {
    RadioButton button = new RadioButton(Wording.text(key));
    button.setId(id);
    return Pills.among(button, group);
  }

  private void lay(boolean paper, boolean ganged) {
    session.apply(
        Edits.sheet(s -> s.withOnPaper(paper).withGang(ganged ? Optional.of(s.gang().orElse(Gang.USUAL).withBooklet(false))
        : Optional.empty())));
  }

  private void paper(String text, boolean across) throws Trouble {
    double inches = Lengths.parse(text, session.unit());
    if (!(inches >= 1 && inches <= Ticket.MOST_SIDE)) {
      throw Trouble.of("field.range", text, Lengths.showWithSign(1, session.unit()),
          Lengths.showWithSign(Ticket.MOST_SIDE, session.unit()));
    }
    session.apply(
        Edits.sheet(s -> s.withOnPaper(true)
        .withPaper(across ? new Size(inches, s.paper().height()) : new Size(s.paper().width(), inches))));
  }

  private void refresh() {
    toCut.setVisible(!session.job().cutting().lanes().isEmpty());
    Job job = session.job();
    SheetPlan plan = job.sheet();
    Unit unit = session.unit();
    boolean ganged = Imposition.ganged(PageOptions.of(job));
    boolean bound = BookletPages.wanted(PageOptions.of(job));
    lying.selectToggle(bound ? booklet : ganged ? several : plan.onPaper() ? onPaper : alone);
    gang.setVisible(ganged);
    gang.setManaged(ganged);
    card.setVisible(plan.onPaper());
    card.setManaged(plan.onPaper());
    card.show();
    guests.setVisible(ganged);
    guests.setManaged(ganged);
    guests.show();
    turner.setVisible(false);
    laid = Optional.empty();
    boolean both = bound || ganged && alike(job).size() > 1 && plan.gang().orElseThrow().backs() != Gang.Backs.NONE;
    sides.setVisible(both);
    sides.setManaged(both);
    facing = both ? facing : Facing.FRONT;
    seen.getToggles().stream().filter(t -> t.getUserData() == facing).forEach(seen::selectToggle);
    behind.setVisible(both && facing == Facing.LIGHT);
    cuts.setVisible(ganged);
    cuts.setManaged(ganged);
    cutList.setText("");
    papers.setDisable(!plan.onPaper());
    if (ownPapers.getChildren().size() != session.preferences().now().papers().size()) {
      ownPapers();
    }
    scale();
    sizes.selectToggle(sizes.getToggles().stream()
        .filter(t -> t.getUserData() != null
        && same(t.getUserData() instanceof Papers ? ((Papers) t.getUserData()).size() : (Size) t.getUserData(), plan.paper())).findFirst()
        .orElse(own));
    marks.setSelected(plan.cropMarks());
    width.show(Lengths.show(plan.paper().width(), unit));
    height.show(Lengths.show(plan.paper().height(), unit));
    needs.setText(Wording.text("sheetPane.needs", Lengths.show(Imposition.needed(session.frame(), plan, true), unit)));
    String which = Wording.text(plan.onPaper() ? "sheetPane.caption" : "sheetPane.captionAlone");
    caption.setText(job.faces().size() == 1 ? which : Wording.text("sheetPane.captionFace", which, session.face().name()));
    try {
      DrawnPage page = bound ? bound(job, false) : ganged ? ganged(job, both) : Imposition.of(job, session.face(), PageOptions.of(job));
      measure.setText(Lengths.show(page.size(), unit));
      scale = Math.min((bench.getWidth() - 80) / page.size().width(), (bench.getHeight() - 90) / page.size().height());
      if (scale > 1) {
        picture.show(() -> page, scale, session.halvings());
        if (behind.isVisible()) {
          DrawnPage back = bound ? bound(job, true) : laid.orElseThrow().shown(shown, 1);
          behind.show(() -> back, scale, session.halvings());
        }
      }
      overlay();
      picture.setVisible(true);
    } catch (Trouble trouble) {
      needs.setText(trouble.getMessage());
      gang.show(Optional.empty());
      measure.setText(Lengths.show(plan.paper(), unit));
      picture.setVisible(false);
      behind.setVisible(false);
      over.getChildren().clear();
    }
  }

  /** Numbers, free places and cuts over the sheet, and the cuts told with their measures from its edges. */
  private void overlay() {
    over.getChildren().clear();
    laid.filter(p -> facing != Facing.BACK).ifPresent(p -> {
      over.show(p, shown, scale, held, cuts.isSelected());
      if (cuts.isSelected()) {
        List<Guillotine.Cut> all = p.straightCuts(shown);
        List<String> told = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
          told.add(Wording.text(all.get(i).upright() ? "sheetPane.cutDown" : "sheetPane.cutAcross", i + 1,
              Lengths.showWithSign(all.get(i).at(), session.unit())));
        }
        cutList.setText(all.isEmpty() ? Wording.text("sheetPane.noCuts") : String.join("\n", told));
      }
    });
  }

  /** The side of a sheet of the booklet that is looked at. */
  private DrawnPage bound(Job job, boolean behindIt) throws Trouble {
    BookletPages pages = BookletPages.of(job, PageOptions.of(job));
    needs.setText(Wording.text("sheetPane.bookletTold", pages.sheets(), pages.sheetsInAll(),
        Lengths.showWithSign(Booklet.creep(pages.sheets() - 1, job.book().orElse(Book.USUAL).leaf()), session.unit())));
    shown = Math.max(0, Math.min(pages.sheets() - 1, shown));
    turner.setVisible(pages.sheets() > 1);
    sheet.show(String.valueOf(shown + 1));
    sheets.setText(Wording.text("sheetPane.of", pages.sheets()));
    DrawnPage page = pages.at(2 * shown + (behindIt || facing == Facing.BACK ? 1 : 0));
    caption.setText(page.name());
    return page;
  }

  /** The sheet that is looked at, as the bench's face lies on it. */
  private DrawnPage ganged(Job job, boolean both) throws Trouble {
    List<Face> faces = alike(job);
    GangPages pages = GangPages.of(job, faces, PageOptions.of(job));
    laid = Optional.of(pages);
    gang.show(Optional.of(pages));
    needs.setText("");
    shown = Math.max(0, Math.min(pages.differing() - 1, shown));
    turner.setVisible(pages.differing() > 1);
    sheet.show(String.valueOf(shown + 1));
    sheets.setText(Wording.text("sheetPane.of", pages.differing()));
    return pages.shown(shown, both ? facing == Facing.BACK ? 1 : 0 : Math.max(0, faces.indexOf(session.face())));
  }

  /** The faces that lie on sheets together with the one that is shown. */
  private List<Face> alike(Job job) {
    List<List<Face>> groups = Imposition.alike(job, job.leaving());
    return groups.stream().filter(g -> g.contains(session.face())).findFirst().orElse(groups.get(0));
  }

  private Optional<Integer> placeAt(Point at) {
    List<Spots.Spot> spots = laid.map(p -> p.spots(shown)).orElse(List.of());
    for (int i = 0; i < spots.size(); i++) {
      if (spots.get(i).trim().contains(at)) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  private void grasped(MouseEvent e) {
    from = new Point(e.getX() / scale, e.getY() / scale);
    held = facing == Facing.FRONT ? placeAt(from) : Optional.empty();
    overlay();
  }

  /** A piece that was drawn goes where it was let go; one that was only pressed is left out, or laid again. */
  private void released(MouseEvent e) {
    Point to = new Point(e.getX() / scale, e.getY() / scale);
    Optional<Gang> gang = session.job().sheet().gang();
    if (held.isEmpty() || gang.isEmpty() || laid.isEmpty() || !session.job().guests().isEmpty()) {
      return;
    }
    int place = held.get();
    boolean drawn = to.distance(from) > DRAWN && gang.get().labels().isEmpty();
    if (drawn) {
      Box trim = laid.get().spots(shown).get(place).trim();
      Size paper = laid.get().paper();
      Point was = gang.get().moved().getOrDefault(place, new Point(0, 0));
      double dx = Math.max(-trim.x(), Math.min(paper.width() - trim.right(), to.x() - from.x()));
      double dy = Math.max(-trim.y(), Math.min(paper.height() - trim.bottom(), to.y() - from.y()));
      Map<Integer, Point> moved = new TreeMap<>(gang.get().moved());
      moved.put(place, new Point(was.x() + dx, was.y() + dy));
      session.apply(Edits.sheet(s -> s.withGang(s.gang().map(g -> g.withMoved(moved)))));
      return;
    }
    boolean labels = gang.get().labels().isPresent();
    if (labels && shown > 0) {
      return;
    }
    Set<Integer> free = new TreeSet<>(labels ? gang.get().used() : gang.get().left());
    if (!free.remove(place)) {
      free.add(place);
    }
    session.apply(Edits.sheet(s -> s.withGang(s.gang().map(g -> labels ? g.withUsed(free) : g.withLeft(free)))));
  }

  /** What a piece measures where a printer does not print at 100 %. */
  private void scale() {
    percent.show(Wording.text("sheetPane.percentShown", Lengths.plain(printedAt, 1)));
    Size size = session.frame().size();
    Size is = new Size(size.width() * printedAt / 100, size.height() * printedAt / 100);
    scaled.setText(printedAt == 100 ? Wording.text("sheetPane.true")
        : Wording.text("sheetPane.notTrue", Lengths.plain(printedAt, 1), Lengths.plain(session.unit().fromInches(is.width()), 3) + " × "
        + Lengths.plain(session.unit().fromInches(is.height()), 3) + " " + session.unit().sign(), Lengths.show(size, session.unit())));
  }

  /** Keeps a paper of the person's own, or no longer does. */
  private void keep(Size paper, boolean kept) {
    session.preferences().change(s -> {
      List<Size> all = new ArrayList<>(s.papers());
      all.remove(paper);
      if (kept) {
        all.add(paper);
      }
      return s.withPapers(all);
    });
    refresh();
  }

  private void ownPapers() {
    sizes.getToggles().removeIf(t -> ownPapers.getChildren().contains(t));
    ownPapers.getChildren().clear();
    for (Size paper : session.preferences().now().papers()) {
      RadioButton choice = new RadioButton(Wording.text("sheetPane.ownPaper", Lengths.show(paper, session.unit())));
      choice.setId("paper-own-" + (ownPapers.getChildren().size() + 1));
      Pills.among(choice, sizes);
      choice.setUserData(paper);
      choice.setOnAction(e -> session.apply(Edits.sheet(s -> s.withOnPaper(true).withPaper(paper))));
      ownPapers.getChildren().add(choice);
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
