package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.compose.LayersPane;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** The tag of what is selected: place and size, look, words, lining up and repeating. Its sections fold. */
public final class TagPane extends VBox {
  private final Session session;
  private final VBox inside = new VBox(5);
  private final List<Section> sections = new ArrayList<>();
  private final Set<String> folded = new HashSet<>(
      Set.of("arrange", "effects", "brush", "letters", "paragraph", "course", "block", "aside"));
  /** While something is dragged its figures follow ten times a second, which is as fast as they can be read. */
  private final PauseTransition pause = new PauseTransition(Duration.millis(100));
  private Runnable fresh = () -> { };
  private String built = "";
  /** Whether all parts are made at once, or what comes below place and words only once these have been drawn. */
  private boolean atOnce;
  private int builds;
  private Runnable onStyles = () -> { };
  private Runnable onFonts = () -> { };

  /** The tag of a session's selection. */
  public TagPane(Session session) {
    this.session = session;
    getStyleClass().add("tag");
    ScrollPane scroll = new PlainScroll(inside);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setFocusTraversable(false);
    inside.getStyleClass().add("tag-inside");
    getChildren().add(scroll);
    setMinHeight(120);
    pause.setOnFinished(e -> refresh());
    session.shownProperty().addListener(o -> {
      if (!session.trying()) {
        refresh();
      } else if (pause.getStatus() != Animation.Status.RUNNING) {
        pause.playFromStart();
      }
    });
    session.historyProperty().addListener(o -> refresh());
    session.selectionProperty().addListener(o -> refresh());
    session.faceIdProperty().addListener(o -> refresh());
    session.openProperty().addListener(o -> refresh());
    session.keyProperty().addListener(o -> refresh());
    session.selection().pointsProperty().addListener(o -> refresh());
    session.selection().chosenPointsProperty().addListener(o -> refresh());
    session.preferences().settingsProperty().addListener(o -> refresh());
    refresh();
  }

  /** What happens when the styles are asked for. */
  public void setOnStyles(Runnable action) {
    onStyles = action;
  }

  /** What happens when the fonts are asked for. */
  public void setOnFonts(Runnable action) {
    onFonts = action;
  }

  /** From now on a tag is made whole before it is drawn, for somebody who does not wait for it: a test, or what takes pictures. */
  public void makeAtOnce() {
    atOnce = true;
    built = "";
    refresh();
  }

  /** What makes the parts for some objects, for showing them where nobody sees them. */
  public static List<Supplier<Node>> parts(Session session, List<Item> items) {
    List<Supplier<Node>> parts = new ArrayList<>();
    for (Item item : items) {
      parts.add(() -> new PlaceSection(session, false, false));
      item.words().ifPresent(w -> parts.add(() -> new WordsSection(session, () -> { }, () -> { })));
      parts.add(() -> new LookSection(session, item));
      parts.add(() -> new CutSection(session));
      parts.add(() -> new EffectsSection(session, item));
    }
    return parts;
  }

  private void refresh() {
    List<Item> selected = session.selected();
    String wanted = session.faceIdProperty().get() + session.openProperty()
        .get() + (selected.size() > 1 ? "several" : selected.stream().map(Item::id).toList())
        + session.selection().pointsProperty().get() + session.job().fonts()
        .size() + (selected.size() == 1 ? FormSection.built(selected.get(0)) + selected.get(0).retouch().isPresent() : "");
    if (!wanted.equals(built)) {
      built = wanted;
      build(selected);
    }
    fresh.run();
    sections.forEach(Section::refresh);
  }

  private void build(List<Item> selected) {
    builds++;
    sections.clear();
    fresh = () -> { };
    inside.getChildren().clear();
    session.openProperty().get().flatMap(session.face()::find).ifPresent(group -> inside.getChildren().add(openNote(group)));
    if (selected.isEmpty()) {
      put(new ThingSection(session));
      put(new FaceSection(session));
    } else if (selected.size() > 1) {
      several();
    } else {
      one(selected.get(0));
    }
  }

  private Node openNote(Item group) {
    Button out = Controls.button("tag-close-group", "tag.closeGroup", session::closeGroup, "quiet");
    Label label = Controls.wrapped(Wording.text("tag.inside", group.properties().name()), "open-note");
    HBox.setHgrow(label, Priority.ALWAYS);
    return Controls.row(6, label, out);
  }

  private void several() {
    Label title = Controls.label("", "side-title");
    fresh = () -> title.setText(Wording.text("tag.several", session.selected().size()));
    inside.getChildren().add(title);
    put(new PlaceSection(session, true, false));
    inside.getChildren().add(Controls.stitch());
    put(new ArrangeSection(session, true));
    inside.getChildren().add(Controls.stitch());
    put(new CutSection(session));
  }

  private void one(Item item) {
    TypedField name = new TypedField("tag-name", Wording.text("tag.name.spoken"), text -> {
      if (!text.isBlank()) {
        session.apply(Edits.properties(session.faceIdProperty().get(), session.selectionProperty().get(), "edit.name",
            f -> f.withName(text.strip())));
      }
    });
    name.getStyleClass().add("tag-name");
    HBox.setHgrow(name, Priority.ALWAYS);
    Label kind = Controls.label(item.accept(new LayersPane.KindName()), "side-note");
    kind.setMinWidth(USE_PREF_SIZE);
    fresh = () -> session.single().ifPresent(i -> {
      name.show(i.properties().name());
      // an object that is called as its kind is needs it said once
      kind.setVisible(!i.properties().name().equalsIgnoreCase(kind.getText()));
    });
    inside.getChildren().add(Controls.row(6, name, kind));
    if (session.selection().pointsProperty().get().isPresent()) {
      put(new PointsSection(session));
      return;
    }
    put(new PlaceSection(session, false, PlaceSection.line(item)));
    inside.getChildren().add(Controls.stitch());
    if (item.outlined().flatMap(s -> s.outline().asCoded()).isPresent()) {
      put(new CodeSection(session));
    }
    if (item.words().isPresent()) {
      put(new WordsSection(session, () -> onStyles.run(), () -> onFonts.run()));
    }
    onceDrawn(() -> session.single().ifPresent(this::below));
  }

  /** Does something once what the tag shows now has been drawn, if it still shows it then. */
  private void onceDrawn(Runnable rest) {
    Scene scene = getScene();
    if (atOnce || scene == null) {
      rest.run();
      return;
    }
    int build = builds;
    scene.addPostLayoutPulseListener(new Runnable() {
      @Override
      public void run() {
        scene.removePostLayoutPulseListener(this);
        Platform.runLater(() -> {
          if (build == builds) {
            rest.run();
            sections.forEach(Section::refresh);
          }
        });
      }
    });
    Platform.requestNextPulse();
  }

  private void below(Item item) {
    if (MountSection.wants(item)) {
      put(new MountSection(session, item));
      inside.getChildren().add(Controls.stitch());
    }
    if (item.words().isPresent()) {
      fold("letters", () -> new LettersSection(session));
      fold("paragraph", () -> new ParagraphSection(session));
      fold("course", () -> new CourseSection(session));
      fold("block", () -> new BlockSection(session));
      inside.getChildren().add(Controls.stitch());
    }
    put(new LookSection(session, item));
    if (item.retouch().isPresent()) {
      fold("picture", () -> new PictureSection(session));
      fold("brush", () -> new BrushSection(session));
    }
    fold("effects", () -> new EffectsSection(session, item));
    if (FormSection.wants(item)) {
      inside.getChildren().add(Controls.stitch());
      put(new FormSection(session, item));
    }
    inside.getChildren().add(Controls.stitch());
    put(new CutSection(session));
    fold("aside", () -> new WrapSection(session));
    fold("arrange", () -> new ArrangeSection(session, false));
  }

  private void put(Section section) {
    sections.add(section);
    inside.getChildren().add(section);
  }

  /** A part that can be put away; it is made when it is first seen. */
  private void fold(String name, Supplier<Section> maker) {
    Button head = Controls.button("fold-" + name, "tag.fold." + name, () -> { }, "fold-head");
    head.setGraphic(Icons.of(Icons.FOLD));
    head.setMaxWidth(Double.MAX_VALUE);
    VBox place = new VBox();
    Runnable show = () -> {
      boolean away = folded.contains(name);
      if (!away && place.getChildren().isEmpty()) {
        Section section = maker.get();
        sections.add(section);
        place.getChildren().add(section);
        section.refresh();
      }
      place.setVisible(!away);
      place.setManaged(!away);
      head.getGraphic().setRotate(away ? 180 : -90);
    };
    head.setOnAction(e -> {
      if (!folded.remove(name)) {
        folded.add(name);
      }
      show.run();
    });
    show.run();
    inside.getChildren().addAll(head, place);
  }
}
