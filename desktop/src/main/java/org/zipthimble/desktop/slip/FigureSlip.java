package org.zipthimble.desktop.slip;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/**
 * A slip over the bench that asks for the figures of something before it is done; what they give is shown on the bench
 * all the while. It goes away with Escape or when something else is selected.
 */
public final class FigureSlip extends Slip {
  private final Label title = Controls.label("", "side-title");
  private final Label note = Controls.wrapped("", "side-note");
  private final VBox rows = new VBox(7);
  private final Button make = Controls.button("figures-make", "figures.make", this::make, "main");
  private Supplier<Optional<Edit>> edit = Optional::empty;
  private boolean preview;

  /** The slip of a session; it is hidden while nothing is asked. */
  public FigureSlip(Session session) {
    super(session, "figure-slip", 258, 9);
    getChildren().addAll(title, rows, note, Controls.row(6, make, Controls.button("figures-drop", "figures.drop", this::close, "plain")));
    session.selectionProperty().addListener(o -> {
      if (preview) {
        close();
      }
    });
  }

  /** Rows that are filled one after another. */
  public final class Rows {
    private final List<Node> parts = new ArrayList<>();

    /** A length in inches. */
    public Rows length(String key, double value, double least, double most, DoubleConsumer take) {
      TypedField[] field = new TypedField[1];
      field[0] = new TypedField("figure-" + plain(key), Wording.text(key), text -> {
        double inches = Lengths.parse(text, session.unit());
        if (!(inches >= least && inches <= most)) {
          throw Trouble.of("field.range", text, Lengths.showWithSign(least, session.unit()), Lengths.showWithSign(most, session.unit()));
        }
        take.accept(inches);
        field[0].show(Lengths.show(inches, session.unit()));
        show();
      });
      field[0].show(Lengths.show(value, session.unit()));
      return add(key, field[0]);
    }

    /** A number. */
    public Rows number(String key, double value, double least, double most, DoubleConsumer take) {
      return number(key, value, least, () -> most, take);
    }

    /** A number whose limit may follow from the others. */
    public Rows number(String key, double value, double least, DoubleSupplier most, DoubleConsumer take) {
      TypedField[] field = new TypedField[1];
      field[0] = new TypedField("figure-" + plain(key), Wording.text(key), text -> {
        double number = Lengths.parseNumber(text, least, most.getAsDouble());
        take.accept(number);
        field[0].show(Lengths.plain(number, 3));
        show();
      });
      field[0].show(Lengths.plain(value, 3));
      return add(key, field[0]);
    }

    /** Words that are read by whoever takes them. */
    public Rows text(String key, String value, TypedField.TextTaker take) {
      TypedField field = new TypedField("figure-" + plain(key), Wording.text(key), text -> {
        take.take(text);
        show();
      }).keeping();
      field.show(value);
      return add(key, field);
    }

    /** One of several. */
    public <E extends Enum<E>> Rows choice(String key, E[] all, E value, Consumer<E> take) {
      FlowPane pills = new FlowPane(4, 4);
      ToggleGroup group = new ToggleGroup();
      for (E one : all) {
        String word = one.name().toLowerCase(Locale.ROOT);
        ToggleButton pill = Pills.pill("figure-" + plain(key) + "-" + word, Wording.of(one), group, () -> {
          take.accept(one);
          show();
        });
        pill.setSelected(one == value);
        pills.getChildren().add(pill);
      }
      parts.add(Controls.under(Wording.text(key), pills));
      return this;
    }

    /** Yes or no. */
    public Rows check(String key, boolean value, Consumer<Boolean> take) {
      CheckBox box = Controls.check("figure-" + plain(key), key, value, on -> {
        take.accept(on);
        show();
      });
      parts.add(box);
      return this;
    }

    private Rows add(String key, TypedField field) {
      field.setMaxWidth(120);
      Label label = Controls.label(Wording.text(key), "field-label");
      label.setMinWidth(112);
      label.setMaxWidth(112);
      label.setWrapText(true);
      parts.add(Controls.row(6, label, field));
      return this;
    }

    private static String plain(String key) {
      return key.substring(key.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }
  }

  /** New rows to fill. */
  public Rows rows() {
    return new Rows();
  }

  /**
   * Asks.
   *
   * @param edit what the figures as they are would do; shown on the bench where that is wanted
   */
  public void ask(String titleKey, Rows figures, boolean preview, Supplier<Optional<Edit>> edit) {
    close();
    this.edit = edit;
    this.preview = preview;
    title.setText(Wording.text(titleKey));
    rows.getChildren().setAll(figures.parts);
    say("");
    setVisible(true);
    show();
    figures.parts.stream().findFirst().ifPresent(Node::requestFocus);
  }

  /** Says something under the rows. */
  public void say(String sentence) {
    note.setText(sentence);
    note.setVisible(!sentence.isEmpty());
    note.setManaged(!sentence.isEmpty());
  }

  private void show() {
    if (preview && isVisible()) {
      edit.get().ifPresentOrElse(session::tryBeside, session::dropTry);
    }
  }

  private void make() {
    Optional<Edit> done = edit.get();
    preview = false;
    close();
    done.ifPresent(session::applyBeside);
  }

  @Override
  public void close() {
    if (isVisible()) {
      setVisible(false);
      if (session.trying()) {
        session.dropTry();
      }
    }
    preview = false;
  }
}
