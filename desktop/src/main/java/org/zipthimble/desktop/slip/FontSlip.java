package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.font.FontKind;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The fonts by kind, those liked and used last first, each showing the person's own words. */
public final class FontSlip extends ToolSlip {
  private static final double SAMPLE_PT = 20;
  private static final double SAMPLE_WIDE = 262;
  private static final double SAMPLE_HIGH = 30;
  private static final int LONGEST = 22;

  /** Which fonts are seen. */
  enum Seen { ALL, LIKED, RECENT }

  private final TextField search = new TextField();
  private final FlowPane pills = new FlowPane(4, 4);
  private final VBox rows = new VBox(3);
  private final LatestWork drawing = new LatestWork();
  private Seen seen = Seen.ALL;
  private Optional<FontKind> kind = Optional.empty();
  private String shown = "";

  /** The slip of a session. */
  public FontSlip(Session session) {
    super(session, "fonts", "fontSlip.title", 346);
    search.setId("fonts-search");
    search.setPromptText(Wording.text("fontSlip.search"));
    search.setAccessibleText(Wording.text("fontSlip.search"));
    search.textProperty().addListener(o -> show());
    for (Seen one : Seen.values()) {
      pill("fonts-" + one.name().toLowerCase(Locale.ROOT), Wording.of(one), () -> seen == one && kind.isEmpty(), () -> {
        seen = one;
        kind = Optional.empty();
      });
    }
    for (FontKind one : FontKind.values()) {
      pill("fonts-" + one.name().toLowerCase(Locale.ROOT), Wording.of(one), () -> kind.filter(k -> k == one).isPresent(),
          () -> kind = Optional.of(one));
    }
    ScrollPane scroll = new PlainScroll(rows);
    scroll.setFitToWidth(true);
    scroll.setPrefHeight(330);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    inside.getChildren().addAll(search, pills, scroll, Controls.wrapped(Wording.text("fontSlip.note"), "side-note"));
    session.preferences().settingsProperty().addListener(o -> {
      if (isVisible()) {
        show();
      }
    });
  }

  private void pill(String id, String title, java.util.function.BooleanSupplier on, Runnable take) {
    ToggleButton pill = new ToggleButton(title);
    pill.setId(id);
    pill.getStyleClass().add("pill");
    pill.setUserData(on);
    pill.setOnAction(e -> {
      take.run();
      show();
    });
    pills.getChildren().add(pill);
  }

  private Optional<HoldsWords> words() {
    return session.typing().on() ? session.typing().words() : session.single().flatMap(Item::words);
  }

  /** The person's own words, as much of them as there is room for. */
  private String sample() {
    return words().map(w -> w.text().replace('\u2028', '\n').lines().filter(l -> !l.isBlank()).findFirst().orElse("").strip())
        .filter(t -> !t.isEmpty())
        .map(t -> t.length() > LONGEST ? t.substring(0, LONGEST) : t).orElse(Wording.text("fontSlip.sample"));
  }

  private List<String> found(JobFonts fonts) {
    List<String> recent = session.preferences().now().recentFonts();
    List<String> out = new ArrayList<>(fonts.families());
    String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
    out.removeIf(f -> !f.toLowerCase(Locale.ROOT).contains(wanted) || kind.isPresent() && fonts.kind(f) != kind.get()
        || kind.isEmpty() && seen == Seen.LIKED && !session.preferences().now().likedFonts().contains(f) || kind.isEmpty()
        && seen == Seen.RECENT && !recent.contains(f));
    if (kind.isEmpty() && seen == Seen.RECENT) {
      out.sort(java.util.Comparator.comparingInt(recent::indexOf));
    } else {
      out.sort(java.util.Comparator.comparing((String f) -> !session.preferences().now().likedFonts().contains(f)).thenComparing(f -> f));
    }
    return out;
  }

  @Override
  void show() {
    pills.getChildren().forEach(p -> ((ToggleButton) p).setSelected(((java.util.function.BooleanSupplier) p.getUserData()).getAsBoolean()));
    JobFonts fonts = new JobFonts(session.job());
    List<String> families = found(fonts);
    String now = sample() + families + session.preferences().now().likedFonts() + words().map(w -> w.style().family()).orElse("");
    if (now.equals(shown) && !rows.getChildren().isEmpty()) {
      return;
    }
    shown = now;
    drawing.drop();
    rows.getChildren().setAll(families.stream().map(f -> row(f, fonts)).toList());
    if (families.isEmpty()) {
      rows.getChildren().setAll(List.of(Controls.wrapped(Wording.text("fontSlip.none"), "field-label")));
    }
  }

  private Node row(String family, JobFonts fonts) {
    String id = family.replace(' ', '-');
    StackPane picture = new StackPane();
    picture.setAlignment(Pos.CENTER_LEFT);
    picture.setMinHeight(SAMPLE_HIGH);
    String text = sample();
    drawing.queue(() -> drawn(text, family, fonts), path -> {
      SVGPath shape = new SVGPath();
      shape.setContent(PathText.write(path));
      shape.getStyleClass().add("font-sample");
      picture.getChildren().setAll(shape);
    });
    Button take = new Button();
    take.setGraphic(
        new VBox(2, picture, Controls.label(Wording.text("fontSlip.row", family, Wording.of(fonts.kind(family))), "field-label")));
    take.setId("font-" + id);
    take.setAccessibleText(family);
    take.getStyleClass().add("font-row");
    take.setMaxWidth(Double.MAX_VALUE);
    take.setPrefWidth(SAMPLE_WIDE + 16);
    take.setDisable(words().isEmpty());
    take.setOnAction(e -> take(family, fonts));
    ToggleButton like = new ToggleButton();
    like.setGraphic(Icons.of(Icons.BUTTON));
    like.setId("font-like-" + id);
    like.setSelected(session.preferences().now().likedFonts().contains(family));
    like.getStyleClass().addAll("like", "seen");
    like.setAccessibleText(Wording.text("fontSlip.like", family));
    Controls.tip(like, Wording.text("fontSlip.like", family));
    like.setOnAction(e -> session.preferences().change(s -> s.likingFont(family)));
    return Controls.row(4, take, like);
  }

  private static Path drawn(String text, String family, JobFonts fonts) {
    List<String> styles = fonts.styles(family);
    WordStyle style = new WordStyle(family, styles.contains("Regular") || styles.isEmpty() ? "Regular" : styles.get(0), SAMPLE_PT, 100, 0,
        Align.LEFT, Colour.BLACK);
    Path path = Typesetter.set(text, style, SAMPLE_WIDE / 72, 1, fonts).outline();
    return path.mapped(Affine.scale(72, 72));
  }

  private void take(String family, JobFonts fonts) {
    List<String> styles = fonts.styles(family);
    java.util.function.UnaryOperator<WordStyle> change = s ->
        s.withLetters(s.letters().withFamily(family).withStyle(styles.contains(s.style()) || styles.isEmpty() ? s.style() : styles.get(0)));
    if (session.typing().on()) {
      session.typing().style(change);
    } else {
      words().ifPresent(w -> session.perform((face, ids) -> Edits.style(face, ids, "edit.type", change)));
    }
    session.preferences().change(s -> s.afterFont(family));
  }

  @Override
  Node first() {
    return search;
  }
}
