package org.zipthimble.desktop;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import org.zipthimble.core.importer.Importer;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.store.Versions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Asker;

/** Asks by the desktop's own file choosers and by a paper slip. */
final class WindowAsker implements Asker {
  private final Stage stage;
  private Optional<File> folder = Optional.empty();

  WindowAsker(Stage stage) {
    this.stage = stage;
  }

  @Override
  public Optional<Path> jobToOpen() {
    return chosen(chooser("ask.open", "ask.jobs", "*" + ThimbleFile.ENDING).showOpenDialog(stage));
  }

  @Override
  public Optional<Path> whereToSave(String suggestedName) {
    FileChooser chooser = chooser("ask.save", "ask.jobs", "*" + ThimbleFile.ENDING);
    chooser.setInitialFileName(suggestedName);
    return chosen(chooser.showSaveDialog(stage)).map(WindowAsker::ended);
  }

  /** The path with its ending; a name that the person did not see and that is taken gets a number. */
  private static Path ended(Path path) {
    if (path.getFileName().toString().endsWith(ThimbleFile.ENDING)) {
      return path;
    }
    Path whole = path.resolveSibling(path.getFileName() + ThimbleFile.ENDING);
    return Files.exists(whole) ? Versions.numbered(whole) : whole;
  }

  @Override
  public boolean mayReplace(List<String> fileNames) {
    ButtonType replace = button("ask.replace.yes", ButtonBar.ButtonData.YES);
    ButtonType stay = button("ask.unsaved.stay", ButtonBar.ButtonData.CANCEL_CLOSE);
    return ask("ask.replace", String.join(", ", fileNames), stay, replace) == replace;
  }

  @Override
  public Optional<Path> whereToSend(String suggestedName, String ending) {
    FileChooser chooser = chooser("ask.send", "ask.outputs", "*" + ending);
    chooser.setInitialFileName(suggestedName);
    return chosen(chooser.showSaveDialog(stage));
  }

  /** Patterns of names for a chooser, in small and in large letters. */
  private static String[] endings(Importer.Brings... wanted) {
    return Importers.endings(wanted).stream().flatMap(e -> Stream.of("*" + e, "*" + e.toUpperCase(Locale.ROOT))).toArray(String[]::new);
  }

  @Override
  public List<Path> pictures() {
    List<File> files =
        chooser("ask.pictures", "ask.pictureFiles", endings(Importer.Brings.PICTURES, Importer.Brings.DRAWING))
        .showOpenMultipleDialog(stage);
    if (files == null || files.isEmpty()) {
      return List.of();
    }
    folder = Optional.ofNullable(files.get(0).getParentFile());
    return files.stream().map(File::toPath).toList();
  }

  @Override
  public Optional<Path> profile() {
    return chosen(chooser("ask.profile", "ask.profileFiles", "*.icc", "*.ICC", "*.icm", "*.ICM").showOpenDialog(stage));
  }

  @Override
  public Optional<Path> shopCard() {
    return chosen(chooser("ask.shop", "ask.shopFiles", "*.json", "*.JSON").showOpenDialog(stage));
  }

  @Override
  public Optional<Path> palette() {
    return chosen(chooser("ask.palette", "ask.paletteFiles", endings(Importer.Brings.PALETTE)).showOpenDialog(stage));
  }

  @Override
  public Optional<Path> drawing() {
    return chosen(chooser("ask.drawing", "ask.drawingFiles", endings(Importer.Brings.DRAWING)).showOpenDialog(stage));
  }

  @Override
  public Optional<Path> table() {
    return chosen(chooser("ask.table", "ask.tableFiles", endings(Importer.Brings.LIST))
        .showOpenDialog(stage));
  }

  @Override
  public Optional<Path> words() {
    return chosen(chooser("ask.words", "ask.wordsFiles", endings(Importer.Brings.WORDS))
        .showOpenDialog(stage));
  }

  @Override
  public Optional<Double> unitsPerInch(String fileName, List<Double> choices, Size size) {
    ButtonType[] buttons = new ButtonType[choices.size()];
    for (int i = 0; i < choices.size(); i++) {
      double scale = choices.get(0) / choices.get(i);
      String shown = Lengths.show(new Size(size.width() * scale, size.height() * scale), Unit.INCH);
      buttons[i] = new ButtonType(Wording.text("ask.units.choice", Lengths.plain(choices.get(i), 1), shown), ButtonBar.ButtonData.YES);
    }
    ButtonType stay = button("ask.unsaved.stay", ButtonBar.ButtonData.CANCEL_CLOSE);
    ButtonType answer = ask("ask.units", fileName, stay, buttons);
    for (int i = 0; i < choices.size(); i++) {
      if (answer == buttons[i]) {
        return Optional.of(choices.get(i));
      }
    }
    return Optional.empty();
  }

  @Override
  public Unsaved unsaved(String jobName) {
    ButtonType save = button("ask.unsaved.save", ButtonBar.ButtonData.YES);
    ButtonType lose = button("ask.unsaved.lose", ButtonBar.ButtonData.NO);
    ButtonType stay = button("ask.unsaved.stay", ButtonBar.ButtonData.CANCEL_CLOSE);
    ButtonType answer = ask("ask.unsaved", jobName, stay, save, lose);
    return answer == save ? Unsaved.SAVE : answer == lose ? Unsaved.LOSE : Unsaved.STAY;
  }

  @Override
  public Changed changedOutside(String fileName) {
    ButtonType numbered = button("ask.changed.numbered", ButtonBar.ButtonData.YES);
    ButtonType over = button("ask.changed.over", ButtonBar.ButtonData.NO);
    ButtonType stay = button("ask.unsaved.stay", ButtonBar.ButtonData.CANCEL_CLOSE);
    ButtonType answer = ask("ask.changed", fileName, stay, numbered, over);
    return answer == numbered ? Changed.NUMBERED : answer == over ? Changed.OVER : Changed.STAY;
  }

  @Override
  public boolean mayCutStandIn(List<String> missing) {
    ButtonType cut = button("ask.standIn.yes", ButtonBar.ButtonData.YES);
    return ask("ask.standIn", String.join(", ", missing), button("ask.unsaved.stay", ButtonBar.ButtonData.CANCEL_CLOSE), cut) == cut;
  }

  @Override
  public boolean mayReplacePicture(String pictureName) {
    ButtonType yes = button("ask.replaceMount.yes", ButtonBar.ButtonData.YES);
    return ask("ask.replaceMount", pictureName, button("ask.replaceMount.beside", ButtonBar.ButtonData.CANCEL_CLOSE), yes) == yes;
  }

  private static ButtonType button(String key, ButtonBar.ButtonData place) {
    return new ButtonType(Wording.text(key), place);
  }

  /** Asks by wording key; closing the slip is the answer that changes nothing. */
  private ButtonType ask(String key, String about, ButtonType stay, ButtonType... others) {
    Alert alert = new Alert(Alert.AlertType.NONE, Wording.text(key, about), others);
    alert.getButtonTypes().add(stay);
    alert.initOwner(stage);
    alert.setTitle(Wording.text(key + ".title"));
    alert.getDialogPane().getStylesheets().addAll(stage.getScene().getStylesheets());
    return alert.showAndWait().orElse(stay);
  }

  private FileChooser chooser(String title, String kind, String... endings) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Wording.text(title));
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Wording.text(kind), endings));
    folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
    return chooser;
  }

  private Optional<Path> chosen(File file) {
    Optional<File> found = Optional.ofNullable(file);
    found.ifPresent(f -> folder = Optional.ofNullable(f.getParentFile()));
    return found.map(File::toPath);
  }
}
