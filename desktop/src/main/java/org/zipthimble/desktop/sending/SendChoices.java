package org.zipthimble.desktop.sending;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.send.Choice;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.OutputFormat;
import org.zipthimble.core.send.OutputFormats;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.Pills;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** What is chosen of a file before it is written, as far as its kind and the job leave a choice. */
final class SendChoices extends VBox {
  private final Session session;
  private final Runnable changed;
  private final ToggleGroup kinds = new ToggleGroup();
  private final ToggleGroup whats = new ToggleGroup();
  private final ToggleGroup which = new ToggleGroup();
  private final Map<OutputFormat, ToggleButton> kindPills = new LinkedHashMap<>();
  private final Map<Content, ToggleButton> whatPills = new EnumMap<>(Content.class);
  private final Node whatRow;
  private final Node facesRow;
  private final Node ppiRow;
  private final TypedField ppi;
  private final SendOptionRows rows;
  private final CheckBox bleed;
  private OutputFormat format = OutputFormats.all().get(0);
  private Content content = Content.PAGES;
  private SendOptions how = SendOptions.USUAL;
  private boolean onlyThisFace;
  private double resolution;

  SendChoices(Session session, Runnable changed) {
    super(10);
    this.session = session;
    this.changed = changed;
    resolution = session.job().ticket().ppi();
    FlowPane formats = new FlowPane(4, 4);
    for (OutputFormat one : OutputFormats.all()) {
      ToggleButton pill = pill("send-" + one.id(), one.title(), kinds, () -> format = one);
      kindPills.put(one, pill);
      formats.getChildren().add(pill);
    }
    FlowPane contents = new FlowPane(4, 4);
    for (Content one : Content.values()) {
      ToggleButton pill = pill("send-what-" + one.word(), one.title(), whats, () -> content = one);
      whatPills.put(one, pill);
      contents.getChildren().add(pill);
    }
    HBox faces = new HBox(4, pill("send-all", Wording.text("sendPane.all"), which, () -> onlyThisFace = false),
        pill("send-this", Wording.text("sendPane.this"), which, () -> onlyThisFace = true));
    which.selectToggle(which.getToggles().get(0));
    ppi = new TypedField("send-ppi", Wording.text("sendPane.ppi"), text -> {
      resolution = Lengths.parseNumber(text.replace(Wording.text("ticket.ppi"), ""), FileOrder.LEAST_PPI, FileOrder.MOST_PPI);
      changed.run();
    });
    ppi.setMaxWidth(90);
    rows = new SendOptionRows(() -> how, other -> {
      how = other;
      changed.run();
    });
    bleed = Controls.check("send-bleed", "sendPane.bleed", true, on -> changed.run());
    whatRow = hiding(Controls.under(Wording.text("sendPane.what"), contents));
    facesRow = hiding(Controls.under(Wording.text("sendPane.faces"), faces));
    ppiRow = hiding(Controls.under(Wording.text("sendPane.ppi"), ppi));
    hiding(bleed);
    getChildren().addAll(Controls.under(Wording.text("sendPane.kind"), formats), whatRow, facesRow, ppiRow, rows, bleed);
  }

  private static Node hiding(Node node) {
    node.managedProperty().bind(node.visibleProperty());
    return node;
  }

  private ToggleButton pill(String id, String text, ToggleGroup group, Runnable action) {
    ToggleButton pill = Pills.pill(id, text, group, () -> {
      action.run();
      changed.run();
    });
    hiding(pill);
    return pill;
  }

  OutputFormat format() {
    return format;
  }

  Content content() {
    return content;
  }

  SendOptions how() {
    return how;
  }

  /** What is known of the file before it is written. */
  void say(String about) {
    rows.say(about);
  }

  /** Another job, or another ticket, asks for another resolution. */
  void resolution(double asked) {
    resolution = asked;
  }

  /** Whether the file leaves in the inks of the job's press. */
  boolean inks(Job job) {
    return job.colour().to().inks() && content == Content.PAGES && !how.plain();
  }

  /** Shows what can be chosen: cut files only where something is cut, and of those only what their kind can hold. */
  void refresh(Job job) {
    boolean cuts = !job.cutting().lanes().isEmpty();
    boolean onlyCut = cuts && job.leaving().stream().allMatch(f -> Scene.of(f).printing(job.frame(f).bleedBox()).isEmpty());
    if (!cuts && !format.contents().contains(Content.PAGES)) {
      format = OutputFormats.all().get(0);
    }
    kindPills.forEach((one, pill) -> pill.setVisible(cuts || one.contents().contains(Content.PAGES)));
    List<Content> fitting = format.contents().stream().filter(c -> fits(job, c, cuts, onlyCut)).toList();
    if (!fitting.contains(content) && !fitting.isEmpty()) {
      content = fitting.contains(Content.SHEETS) ? Content.SHEETS : fitting.get(0);
    }
    whatPills.forEach((one, pill) -> pill.setVisible(fitting.contains(one)));
    kindPills.get(format).setSelected(true);
    whatPills.get(content).setSelected(true);
    Set<Choice> choices = format.choices(content);
    whatRow.setVisible(fitting.size() > 1);
    facesRow.setVisible(choices.contains(Choice.FACE));
    bleed.setVisible(choices.contains(Choice.BLEED));
    ppiRow.setVisible(choices.contains(Choice.RESOLUTION));
    ppi.show(Wording.text("ticket.ppi.value", Lengths.plain(resolution, 1)));
    rows.refresh(choices, job.colour().to().inks() && content == Content.PAGES);
  }

  private boolean fits(Job job, Content one, boolean cuts, boolean onlyCut) {
    return switch (one) {
      case PAGES -> !(onlyCut && format.contents().size() > 1);
      case PROOF, TRAVELLER -> true;
      case ASSEMBLY -> cuts && job.cutting().split().on();
      default -> cuts;
    };
  }

  PageOptions pages(Job job) {
    return PageOptions.of(job).withBleed(bleed.isSelected());
  }

  /** One face by its number from 1, where only one is wanted. */
  OptionalInt face(Job job) {
    boolean one = onlyThisFace && format.choices(content).contains(Choice.FACE);
    return one ? OptionalInt.of(1 + job.faces().stream().map(f -> f.id()).toList().indexOf(session.faceIdProperty().get()))
        : OptionalInt.empty();
  }

  FileOrder order(Job job, Path file) {
    return new FileOrder(file, Optional.of(content), face(job), Optional.empty(), resolution, pages(job), how, false);
  }
}
