package org.zipthimble.desktop.slip;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.GlyphTable;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Icons;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** Every glyph of the face in use: put into words, or taken out as a shape. */
public final class GlyphSlip extends ToolSlip {
  private static final int SHOWN = 160;
  private static final double EM = 26;
  private static final double CELL = 38;
  private static final double SHAPE_EM = 1;

  private final TextField search = new TextField();
  private final FlowPane cells = new FlowPane(3, 3);
  private final Label title = Controls.label("", "side-note");
  private final Label told = Controls.wrapped("", "field-label");
  private final Button put;
  private final Button shape;
  private final LatestWork worker = new LatestWork();
  private Optional<GlyphTable.Entry> chosen = Optional.empty();
  private Optional<FontFace> shown = Optional.empty();
  private int page;
  private List<GlyphTable.Entry> found = List.of();

  /** The slip of a session. */
  public GlyphSlip(Session session) {
    super(session, "glyphs", "glyphs.title", 392);
    search.setId("glyphs-search");
    search.setPromptText(Wording.text("glyphs.search"));
    search.setAccessibleText(Wording.text("glyphs.search"));
    search.textProperty().addListener(o -> find());
    ScrollPane scroll = new PlainScroll(cells);
    scroll.setFitToWidth(true);
    scroll.setPrefHeight(246);
    scroll.getStyleClass().add("bare-scroll");
    put = Controls.button("glyphs-put", "glyphs.put", this::putIn, "quiet");
    shape = Controls.button("glyphs-shape", "glyphs.shape", this::asShape, "quiet");
    told.setId("glyphs-told");
    inside.getChildren().addAll(title, search, scroll, told, Controls.row(6, put, shape, Controls.spring(),
        Controls.button("glyphs-back", "glyphs.back", () -> turn(-1), "quiet"),
        Controls.button("glyphs-more", "glyphs.more", () -> turn(1), "quiet")));
    session.typing().cursorProperty().addListener(o -> {
      if (isVisible()) {
        show();
      }
    });
  }

  private Optional<HoldsWords> words() {
    return session.typing().on() ? session.typing().words() : session.single().flatMap(Item::words);
  }

  private LetterLook look() {
    return session.typing().on() ? session.typing().lookOfNext().orElseThrow() : words().map(w -> w.style().letters())
        .orElseGet(() -> new WordStyle("Alegreya", "Regular", 24, 120, 0, Align.LEFT, Colour.BLACK).letters());
  }

  @Override
  void show() {
    LetterLook look = look();
    FontFace face = new JobFonts(session.job()).findOrStandIn(look.family(), look.style());
    if (shown.filter(f -> f == face).isEmpty()) {
      shown = Optional.of(face);
      title.setText(face.name());
      find();
    }
    buttons();
  }

  private void find() {
    FontFace face = shown.orElseThrow();
    String wanted = search.getText();
    worker.replace(() -> GlyphTable.of(face).search(wanted), entries -> {
      found = entries;
      page = 0;
      fill();
    });
  }

  private void turn(int pages) {
    page = Math.max(0, Math.min((found.size() - 1) / SHOWN, page + pages));
    fill();
  }

  private void fill() {
    chosen = Optional.empty();
    cells.getChildren().setAll(found.stream().skip((long) page * SHOWN).limit(SHOWN).map(this::cell).toList());
    told.setText(Wording.text("glyphs.found", found.size()));
    buttons();
  }

  private Node cell(GlyphTable.Entry entry) {
    Path path = entry.outline().mapped(Affine.scale(EM, EM));
    Button cell = new Button();
    StackPane picture = new StackPane();
    if (!path.segments().isEmpty()) {
      picture.getChildren().add(Icons.of(PathText.write(path)));
    }
    picture.setMinSize(CELL - 8, CELL - 8);
    picture.setMaxSize(CELL - 8, CELL - 8);
    cell.setGraphic(picture);
    cell.getStyleClass().add("glyph-cell");
    cell.setMinSize(CELL, CELL);
    cell.setMaxSize(CELL, CELL);
    cell.setId("glyph-" + entry.glyph());
    cell.setAccessibleText(entry.name());
    cell.setOnAction(e -> {
      chosen = Optional.of(entry);
      told.setText(Wording.text("glyphs.told", entry.name(), entry.code()));
      buttons();
    });
    cell.setOnMouseClicked(e -> {
      if (e.getClickCount() == 2) {
        putIn();
      }
    });
    return cell;
  }

  private void buttons() {
    put.setDisable(chosen.flatMap(GlyphTable.Entry::character).isEmpty() || words().isEmpty());
    shape.setDisable(chosen.filter(e -> !e.outline().segments().isEmpty()).isEmpty());
  }

  /** At the caret or at the end of the words, with the feature that it needs. */
  private void putIn() {
    chosen.ifPresent(entry -> entry.character().ifPresent(c -> words().ifPresent(w -> {
      LetterLook look = entry.feature().map(f -> look().withDetail(look().detail().with(f, true))).orElse(look());
      WordStyle style = w.style().withLetters(look);
      Story one = Story.of(Character.toString(c), style);
      if (session.typing().on()) {
        session.typing().put(one);
      } else {
        int end = w.story().length();
        session.apply(StoryEdits.put(session.faceIdProperty().get(), w.id(), end, end, one));
      }
    })));
  }

  /** As a shape of its own, as large as in the words; beside the face's middle. */
  private void asShape() {
    chosen.ifPresent(entry -> {
      double em = words().isPresent() ? look().em() : SHAPE_EM;
      Point middle = session.frame().trim().centre();
      Path path = entry.outline().mapped(Affine.scale(em, em).then(Affine.move(middle.x() - em / 4, middle.y() + em / 4)));
      Item item = Drawings.shape(ItemProperties.of(session.job().freshId(), entry.name()), path, Optional.of(look().colour()),
          Optional.empty());
      session.openProperty().set(Optional.empty());
      session.apply(Edits.add(session.faceIdProperty().get(), item));
      session.selectionProperty().set(Set.of(item.id()));
    });
  }

  @Override
  Node first() {
    return search;
  }
}
