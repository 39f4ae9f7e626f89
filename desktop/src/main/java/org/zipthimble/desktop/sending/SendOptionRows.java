package org.zipthimble.desktop.sending;

import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.send.Choice;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.TypedField;

/** How a file is written, as far as its kind leaves a choice. */
final class SendOptionRows extends VBox {
  private final Supplier<SendOptions> now;
  private final TypedField quality;
  private final TypedField most;
  private final Node qualityRow;
  private final Node packingRow;
  private final Node picturesRow;
  private final Node mostRow;
  private final CheckBox plain;
  private final CheckBox open;
  private final Label about = Controls.label("", "line-note");

  SendOptionRows(Supplier<SendOptions> now, Consumer<SendOptions> take) {
    super(10);
    this.now = now;
    quality = new TypedField("send-quality", Wording.text("sendPane.quality"),
        text -> take.accept(now.get().withQuality(Lengths.parseNumber(text.replace("%", ""), SendOptions.LEAST_QUALITY * 100, 100) / 100)));
    quality.setMaxWidth(90);
    about.setId("send-about");
    qualityRow = hiding(Controls.under(Wording.text("sendPane.quality"), Controls.row(8, quality, about)));
    packingRow = hiding(choice("sendPane.packing", "send-packing-", TiffFile.Packing.values(), TiffFile.Packing.LZW,
        p -> take.accept(now.get().withPacking(p))));
    picturesRow = hiding(choice("sendPane.pictures", "send-pictures-", PdfPress.Pictures.values(), PdfPress.Pictures.INK,
        p -> take.accept(now.get().withPictures(p))));
    most = new TypedField("send-most", Wording.text("sendPane.most"), text -> take.accept(now.get().withMostPpi(
        text.isBlank() || text.equals(Wording.text("sendPane.never")) ? 0
        : Lengths.parseNumber(text, FileOrder.LEAST_PPI, FileOrder.MOST_PPI))));
    most.setMaxWidth(90);
    mostRow = hiding(Controls.under(Wording.text("sendPane.most"), most));
    plain = Controls.check("send-plain", "sendPane.plain", false, on -> take.accept(now.get().withPlain(on)));
    open = Controls.check("send-open", "sendPane.open", false, on -> take.accept(now.get().withOpen(on)));
    hiding(plain);
    hiding(open);
    getChildren().addAll(qualityRow, packingRow, plain, picturesRow, mostRow, open);
  }

  private static Node hiding(Node node) {
    node.managedProperty().bind(node.visibleProperty());
    return node;
  }

  private static <E extends Enum<E>> Node choice(String key, String id, E[] all, E usual, Consumer<E> take) {
    FlowPane pills = new FlowPane(4, 4);
    ToggleGroup group = new ToggleGroup();
    for (E one : all) {
      String word = one.name().toLowerCase(Locale.ROOT);
      ToggleButton pill = Pills.pill(id + word, Wording.of(one), group, () -> take.accept(one));
      pill.setSelected(one == usual);
      pills.getChildren().add(pill);
    }
    return Controls.under(Wording.text(key), pills);
  }

  /** Shows what a kind of file leaves to choose. */
  void refresh(Set<Choice> choices, boolean press) {
    SendOptions how = now.get();
    qualityRow.setVisible(choices.contains(Choice.QUALITY));
    packingRow.setVisible(choices.contains(Choice.PACKING));
    plain.setVisible(press && choices.contains(Choice.PLAIN));
    picturesRow.setVisible(press && choices.contains(Choice.PICTURES) && !how.plain());
    mostRow.setVisible(choices.contains(Choice.MOST_PPI));
    open.setVisible(choices.contains(Choice.OPEN));
    quality.show(Wording.text("proof.percent", Lengths.plain(how.quality() * 100, 0)));
    most.show(how.mostPpi() == 0 ? Wording.text("sendPane.never") : Lengths.plain(how.mostPpi(), 1));
  }

  /** What is known of the file before it is written. */
  void say(String text) {
    about.setText(text);
  }
}
