package org.zipthimble.desktop.sending;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.store.PressShelf;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Today;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.PlainScroll;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** The press notebook, opened over the right side: cards with their figures, search, one's own results, a timer, and CSV in and out. */
final class Notebook extends VBox {
  private static final double RESULT = 64;

  private final Session session;
  private final LatestWork reader = new LatestWork();
  private final TextField search = new TextField();
  private final VBox cards = new VBox(8);
  private final PressTimer timer = new PressTimer();
  private final Label words = Controls.wrapped("", "side-note");
  private Optional<PressCard> edited = Optional.empty();

  Notebook(Session session, Runnable away) {
    super(8);
    this.session = session;
    setId("notebook");
    getStyleClass().add("notebook");
    search.setId("notebook-search");
    search.setPromptText(Wording.text("notebook.search"));
    search.setAccessibleText(Wording.text("notebook.search"));
    search.textProperty().addListener(o -> refresh());
    HBox.setHgrow(search, Priority.ALWAYS);
    ScrollPane scroll = new PlainScroll(cards);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    words.managedProperty().bind(words.textProperty().isNotEmpty());
    words.setId("notebook-words");
    getChildren().addAll(Controls.row(6, Controls.label(Wording.text("notebook.title"), "side-title"), Controls.spring(),
        Controls.button("notebook-away", "toolSlip.close", away, "quiet")),
        search, scroll, timer, words,
        new FlowPane(4, 4, Controls.button("notebook-new", "notebook.fresh", this::fresh, "quiet"),
        Controls.button("notebook-in", "notebook.in", this::bring, "quiet"),
        Controls.button("notebook-out", "notebook.out", this::write, "quiet")));
  }

  private Path folder() {
    return session.preferences().places().press();
  }

  /** Brings the cards up to date. */
  void refresh() {
    cards.getChildren().clear();
    edited.ifPresent(c -> cards.getChildren().add(form(c)));
    Optional<String> chosen = session.job().making().card().map(PressCard::key);
    List<String> own = PressShelf.own(folder()).stream().map(PressCard::key).toList();
    List<PressCard> all = new ArrayList<>(PressShelf.all(folder()));
    all.sort((a, b) -> Boolean.compare(chosen.filter(b.key()::equals).isPresent(), chosen.filter(a.key()::equals).isPresent()));
    all.stream().filter(c -> c.answers(search.getText()))
        .forEach(c -> cards.getChildren().add(card(c, chosen.filter(c.key()::equals).isPresent(), own.contains(c.key()))));
  }

  private Node card(PressCard card, boolean chosen, boolean own) {
    VBox box = new VBox(4, Controls.wrapped(card.blank(), "finding-title"), Controls.label(card.heat() + " · " + card.time(), "press-heat"),
        Controls.wrapped(String.join(" · ", List.of(card.pressure().title(), card.peel().title(), card.film()).stream()
        .filter(s -> !s.isBlank()).toList()), "finding-text"));
    if (!card.layers().isBlank()) {
      box.getChildren().add(Controls.wrapped(card.layers(), "side-note"));
    }
    if (!card.says().isBlank()) {
      box.getChildren().add(Controls.wrapped(Wording.text("notebook.says", card.says()), "finding-text"));
    }
    box.getChildren().add(Controls.wrapped(card.from().title(), "side-note"));
    card.results().forEach(r -> box.getChildren().add(result(r)));
    FlowPane buttons = new FlowPane(4, 4, Controls.button("card-choose-" + card.key(), chosen ? "notebook.chosen" : "notebook.choose",
        () -> session.apply(ThingEdits.card(chosen ? Optional.empty() : Optional.of(card))), "quiet"),
        Controls.button("card-time-" + card.key(), "notebook.time", () -> timer.start(card.seconds(), card.blank()), "quiet"),
        Controls.button("card-copy-" + card.key(), "notebook.copy", () -> edit(copied(card)), "quiet"),
        Controls.button("card-edit-" + card.key(), "notebook.edit", () -> edit(card), "quiet"));
    if (own) {
      buttons.getChildren().add(Controls.button("card-away-" + card.key(), "notebook.away", () -> remove(card), "quiet"));
    }
    box.getChildren().add(buttons);
    box.getStyleClass().add("press-card");
    if (chosen) {
      box.getStyleClass().add("chosen");
    }
    return box;
  }

  private Node result(PressCard.Result result) {
    HBox row = Controls.row(6, Controls.wrapped(Wording.text("notebook.result", result.day(), result.words()), "finding-text"));
    result.picture().map(folder()::resolve).filter(Files::isRegularFile).ifPresent(p -> {
      ImageView view = new ImageView(new Image(p.toUri().toString(), RESULT * 2, RESULT * 2, true, true, true));
      view.setFitHeight(RESULT);
      view.setPreserveRatio(true);
      row.getChildren().add(0, view);
    });
    return row;
  }

  private PressCard copied(PressCard card) {
    String name = Wording.text("notebook.copied", card.blank());
    return card.withKey(PressShelf.freshKey(folder(), name)).withBlank(name).withFrom(PressCard.From.OWN).withResults(List.of());
  }

  private void fresh() {
    String name = Wording.text("notebook.newCard");
    edit(new PressCard(PressShelf.freshKey(folder(), name), name, "", 385, 60, PressCard.Pressure.MEDIUM, "", PressCard.Peel.WARM,
        List.of(), "", PressCard.From.OWN, List.of()));
  }

  private void edit(PressCard card) {
    edited = Optional.of(card);
    refresh();
  }

  private void keep(PressCard card) {
    try {
      PressShelf.keep(folder(), card);
      // the job goes by the card as it is now
      if (session.job().making().card().filter(c -> c.key().equals(card.key())).isPresent()) {
        session.apply(ThingEdits.card(Optional.of(card)));
      }
      words.setText("");
    } catch (Trouble trouble) {
      words.setText(trouble.getMessage());
    }
  }

  private void remove(PressCard card) {
    try {
      PressShelf.remove(folder(), card.key());
    } catch (Trouble trouble) {
      words.setText(trouble.getMessage());
    }
    refresh();
  }

  /** The form in which a card is written. */
  private Node form(PressCard card) {
    PressCard[] now = {card};
    TypedField blank = text("card-blank", "notebook.blank", card.blank(), v -> now[0] = now[0].withBlank(v));
    TypedField film = text("card-film", "notebook.film", card.film(), v -> now[0] = now[0].withFilm(v));
    TypedField celsius = number("card-c", "notebook.celsius", Lengths.plain(card.celsius(), 0));
    TypedField heat = new TypedField("card-f", Wording.text("notebook.fahrenheit"), t -> {
      now[0] = now[0].withFahrenheit(Lengths.parseNumber(t, PressCard.LEAST_HEAT, PressCard.MOST_HEAT));
      celsius.show(Lengths.plain(now[0].celsius(), 0));
    }).keeping();
    heat.show(Lengths.plain(card.fahrenheit(), 1));
    celsius.setOnAction(e -> {
      try {
        now[0] = now[0].withFahrenheit(PressCard.fahrenheit(Lengths.parseNumber(celsius.getText(), 38, 260)));
        heat.show(Lengths.plain(now[0].fahrenheit(), 1));
      } catch (Trouble trouble) {
        words.setText(trouble.getMessage());
      }
    });
    TypedField seconds = new TypedField("card-seconds", Wording.text("notebook.seconds"),
        t -> now[0] = now[0].withSeconds((int) Lengths.parseNumber(t, 1, PressCard.LONGEST))).keeping();
    seconds.show(String.valueOf(card.seconds()));
    for (TypedField f : List.of(heat, celsius, seconds)) {
      f.setPrefWidth(56);
    }
    ComboBox<String> pressure = choice("card-pressure", "notebook.pressure",
        List.of(PressCard.Pressure.values()).stream().map(PressCard.Pressure::title).toList(), card.pressure().ordinal(),
        i -> now[0].withPressure(PressCard.Pressure.values()[i]), now);
    ComboBox<String> peel = choice("card-peel", "notebook.peel",
        List.of(PressCard.Peel.values()).stream().map(PressCard.Peel::title).toList(), card.peel().ordinal(),
        i -> now[0].withPeel(PressCard.Peel.values()[i]), now);
    ComboBox<String> from = choice("card-from", "notebook.from",
        List.of(PressCard.From.values()).stream().map(PressCard.From::title).toList(), card.from().ordinal(),
        i -> now[0].withFrom(PressCard.From.values()[i]), now);
    TypedField layers = text("card-layers", "notebook.layers", card.layers(), v -> now[0] = now[0].withLayers(v));
    TypedField says = text("card-says", "notebook.supplier", card.says(), v -> now[0] = now[0].withSays(v));
    TextArea order = new TextArea(String.join("\n", card.order()));
    order.setId("card-order");
    order.setAccessibleText(Wording.text("notebook.order"));
    order.setPrefRowCount(4);
    order.setWrapText(true);
    TextField result = new TextField();
    result.setId("card-result");
    result.setPromptText(Wording.text("notebook.resultPrompt"));
    result.setAccessibleText(Wording.text("notebook.resultPrompt"));
    Optional<Path>[] picture = pictureOf();
    HBox results = Controls.row(4, result,
        Controls.button("card-picture", "notebook.picture", () -> picture[0] = session.asker().pictures().stream().findFirst(), "quiet"));
    HBox.setHgrow(result, Priority.ALWAYS);
    VBox box = new VBox(5, Controls.under(Wording.text("notebook.blank"), blank), Controls.under(Wording.text("notebook.film"), film),
        Controls.row(4, Controls.under(Wording.text("notebook.fahrenheit"), heat),
        Controls.under(Wording.text("notebook.celsius"), celsius), Controls.under(Wording.text("notebook.seconds"), seconds)),
        Controls.row(4, pressure, peel), from, Controls.under(Wording.text("notebook.layers"), layers),
        Controls.under(Wording.text("notebook.order"), order),
        Controls.under(Wording.text("notebook.supplier"), says), Controls.under(Wording.text("notebook.results"), results),
        Controls.row(4, Controls.button("card-keep", "notebook.keep", () -> {
          PressCard ordered = now[0].withOrder(order.getText().lines().map(String::strip).filter(l -> !l.isEmpty()).toList());
          kept(ordered, result.getText(), picture[0]);
        }, "main"), Controls.button("card-drop", "notebook.drop", () -> {
          edited = Optional.empty();
          refresh();
        }, "quiet")));
    box.getStyleClass().addAll("press-card", "chosen");
    return box;
  }

  @SuppressWarnings("unchecked")
  private static Optional<Path>[] pictureOf() {
    return new Optional[] {Optional.empty()};
  }

  private void kept(PressCard card, String result, Optional<Path> picture) {
    try {
      PressCard whole = card;
      if (!result.isBlank()) {
        Optional<String> name = picture.isPresent() ? Optional.of(PressShelf.picture(folder(), card.key(), picture.get()))
            : Optional.empty();
        List<PressCard.Result> results = new ArrayList<>(card.results());
        results.add(new PressCard.Result(Today.now(), result.strip(), name));
        whole = card.withResults(results);
      }
      edited = Optional.empty();
      keep(whole);
    } catch (Trouble | IllegalArgumentException e) {
      words.setText(e.getMessage());
    }
    refresh();
  }

  private static TypedField text(String id, String key, String value, java.util.function.Consumer<String> take) {
    TypedField field = new TypedField(id, Wording.text(key), take::accept).keeping();
    field.show(value);
    return field;
  }

  private static TypedField number(String id, String key, String value) {
    TypedField field = new TypedField(id, Wording.text(key), t -> { }).keeping();
    field.show(value);
    return field;
  }

  private static ComboBox<String> choice(String id, String key, List<String> names, int at, Function<Integer, PressCard> change,
      PressCard[] now) {
    ComboBox<String> box = new ComboBox<>();
    box.getItems().setAll(names);
    box.getSelectionModel().select(at);
    box.setId(id);
    box.setAccessibleText(Wording.text(key));
    box.setMaxWidth(Double.MAX_VALUE);
    box.setOnAction(e -> now[0] = change.apply(box.getSelectionModel().getSelectedIndex()));
    return box;
  }

  private void bring() {
    Optional<Path> file = session.asker().table();
    if (file.isEmpty()) {
      return;
    }
    Path into = folder();
    reader.read(progress -> {
      List<PressCard> read = PressShelf.fromCsv(file.get().getFileName().toString(), LatestWork.bytes(file.get()));
      for (PressCard card : read) {
        PressShelf.keep(into, card);
      }
      return read.size();
    }, count -> {
      words.setText(Wording.text("notebook.brought", count));
      refresh();
    }, trouble -> {
      words.setText(trouble);
      refresh();
    });
  }

  private void write() {
    Optional<Path> file = session.asker().whereToSend(Wording.text("notebook.file"), ".csv");
    try {
      if (file.isPresent()) {
        SafeWrite.write(file.get(), PressShelf.csv(PressShelf.all(folder())).getBytes(StandardCharsets.UTF_8));
        words.setText(Wording.text("notebook.written", file.get().getFileName()));
      }
    } catch (Trouble trouble) {
      words.setText(trouble.getMessage());
    }
  }
}
