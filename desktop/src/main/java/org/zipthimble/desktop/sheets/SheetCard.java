package org.zipthimble.desktop.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetMarks;
import org.zipthimble.core.plan.SheetStock;
import org.zipthimble.core.sheet.BackTest;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** What stands on a sheet beside its pieces, what is known of its paper, and the sheet by which a printer's backs are measured. */
final class SheetCard extends VBox {
  private final Session session;
  private final List<Runnable> fresh = new ArrayList<>();
  private final LatestWork writer = new LatestWork();
  private final Node test;

  SheetCard(Session session) {
    super(6);
    this.session = session;
    test = Controls.button("sheet-test", "sheetCard.test", this::test, "quiet");
    FlowPane marks = new FlowPane(8, 4, mark("sheet-folds", "sheetCard.folds", SheetMarks::folds, SheetMarks::withFolds),
        mark("sheet-centre", "sheetCard.centre", SheetMarks::centre, SheetMarks::withCentre),
        mark("sheet-registration", "sheetCard.registration", SheetMarks::registration, SheetMarks::withRegistration),
        mark("sheet-bar", "sheetCard.bar", SheetMarks::bar, SheetMarks::withBar),
        mark("sheet-ruler", "sheetCard.ruler", SheetMarks::ruler, SheetMarks::withRuler));
    CheckBox roll = Controls.check("sheet-roll", "sheetCard.roll", false,
        on -> session.apply(Edits.sheet(s -> s.withStock(s.stock().withRoll(on)))));
    fresh.add(() -> roll.setSelected(stock().roll()));
    TypedField cost = new TypedField("sheet-cost", Wording.text("sheetCard.cost"), text -> {
      double value = text.isBlank() ? 0 : Lengths.parseNumber(text, 0, SheetStock.MOST_COST);
      session.apply(Edits.sheet(s -> s.withStock(s.stock().withCost(value))));
    });
    cost.setPrefWidth(84);
    fresh.add(() -> cost.show(stock().cost() == 0 ? "" : Lengths.plain(stock().cost(), 3)));
    getChildren().addAll(marks, roll, Controls.under(Wording.text("sheetCard.grain"),
        pills("sheet-grain-", SheetStock.Grain.values(), () -> stock().grain(),
        g -> session.apply(Edits.sheet(s -> s.withStock(s.stock().withGrain(g)))))),
        Controls.under(Wording.text("sheetCard.along"),
        pills("sheet-along-", Gang.Along.values(), () -> session.job().sheet().gang().orElse(Gang.USUAL).along(),
            a -> session.apply(Edits.sheet(s -> s.withGang(s.gang().map(g -> g.withAlong(a))))))),
        Controls.under(Wording.text("sheetCard.cost"), cost), test);
    setId("sheet-card");
    getStyleClass().add("indented");
  }

  private SheetStock stock() {
    return session.job().sheet().stock();
  }

  private CheckBox mark(String id, String key, Function<SheetMarks, Boolean> read, BiFunction<SheetMarks, Boolean, SheetMarks> with) {
    CheckBox box = Controls.check(id, key, false, on -> session.apply(Edits.sheet(s -> s.withMarks(with.apply(s.marks(), on)))));
    fresh.add(() -> box.setSelected(read.apply(session.job().sheet().marks())));
    return box;
  }

  private <E extends Enum<E>> Node pills(String id, E[] all, Supplier<E> now, Consumer<E> taking) {
    FlowPane pane = new FlowPane(4, 4);
    for (E one : all) {
      ToggleButton pill = new ToggleButton(Wording.of(one));
      pill.setId(id + one.name().toLowerCase(Locale.ROOT));
      pill.getStyleClass().add("pill");
      pill.setOnAction(e -> {
        pill.setSelected(true);
        taking.accept(one);
      });
      fresh.add(() -> pill.setSelected(now.get() == one));
      pane.getChildren().add(pill);
    }
    return pane;
  }

  /** Writes the two pages by which it is measured how far the backs are off. */
  private void test() {
    Job job = session.job();
    Size paper = job.sheet().paper();
    Gang gang = job.sheet().gang().orElse(Gang.USUAL);
    session.asker().whereToSend(session.fileName("-" + Wording.text("sheetCard.testName") + ".pdf"), ".pdf")
        .ifPresent(file -> writer.queue(() -> {
      try {
        SafeWrite.write(file, out -> PdfPainter.write(job.name(), BackTest.pages(job, paper, gang), Optional.empty(), 0, out,
            Progress.SILENT), () -> { });
        return Wording.text("sheetCard.testWritten", file.getFileName());
      } catch (Trouble trouble) {
        return trouble.getMessage();
      } catch (Stopped stopped) {
        return "";
      }
    }, session::say));
  }

  /** Shows what is chosen. */
  void show() {
    fresh.forEach(Runnable::run);
  }
}
