package org.zipthimble.desktop.sending;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.cut.Assembly;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.paint.LensPainter;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.CutDrawings;
import org.zipthimble.core.send.ProofPage;
import org.zipthimble.core.send.Traveller;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.FxPictures;
import org.zipthimble.desktop.control.PagePicture;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** What a file will look like, or what was drawn from it once it is written. */
final class SendPreview extends FlowPane {
  private static final double ROOM = 272;
  private static final double GAP = 18;

  /** Of the window's height, so that a page is seen larger on a larger screen. */
  private static final double SHARE = 0.34;

  /** Pages are drawn smaller by up to a fifth where one more then lies beside the others. */
  private static final double SMALLEST = 0.8;

  /**
   * Pages that have room beside each other are seen as large as this share of the window's height before they are written; afterwards the
   * figures have that room.
   */
  private static final double TALLEST = 0.6;

  private static final double WORDS = 420;

  /** More pages are not drawn beforehand. */
  private static final int MOST = 12;

  private final Session session;
  private final SendChoices choices;
  private final LatestWork layer = new LatestWork();
  private final List<LatestWork> painters = new ArrayList<>();
  private Optional<Job> shown = Optional.empty();

  SendPreview(Session session, SendChoices choices) {
    super(GAP, 12);
    this.session = session;
    this.choices = choices;
    getStyleClass().add("previews");
    // what was drawn before the station stood in its window is drawn anew at the size that the window has room for
    sceneProperty().addListener((o, was, is) -> {
      if (was == null && is != null) {
        shown.ifPresent(this::show);
      }
    });
    widthProperty().addListener((o, was, is) -> {
      if (was.doubleValue() <= 0) {
        shown.ifPresent(this::show);
      }
    });
  }

  /** Shows what would be written, as soon as it can be seen; what is seen stays until the new is there. */
  void show(Job job) {
    shown = Optional.of(job);
    if (getScene() == null) {
      return;
    }
    painters.forEach(LatestWork::drop);
    painters.clear();
    if (choices.content() != Content.PAGES) {
      cut(job);
      return;
    }
    OptionalInt one = choices.face(job);
    PageOptions options = choices.pages(job);
    List<Face> faces = one.isEmpty() ? job.leaving() : List.of(job.faces().get(one.getAsInt() - 1));
    layer.replace(() -> {
      try {
        PageRun run = Imposition.run(job, faces, options);
        List<DrawnPage> pages = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST, run.count()); i++) {
          pages.add(run.at(i));
        }
        return new Laid(pages, "");
      } catch (Trouble trouble) {
        return new Laid(List.of(), trouble.getMessage());
      }
    }, laid -> {
      getChildren().setAll(laid.pages().stream().map(p -> page(job, p, laid.pages().size())).toList());
      if (!laid.trouble().isEmpty()) {
        Label told = Controls.wrapped(laid.trouble(), "finding-text");
        told.setMaxWidth(WORDS);
        getChildren().setAll(List.of(told));
      }
    });
  }

  /** The first pages as they will be written, or why there are none. */
  private record Laid(List<DrawnPage> pages, String trouble) {}

  /** One for every page, so that they are drawn beside each other; what is no longer looked at is not drawn. */
  private LatestWork painter() {
    LatestWork painter = new LatestWork();
    painters.add(painter);
    return painter;
  }

  private Node page(Job job, DrawnPage page, int count) {
    PagePicture picture = new PagePicture(painter());
    boolean proof = choices.inks(job) && choices.format().inks();
    double scale = whole(page, count);
    if (proof) {
      picture.show(ppi -> LensPainter.proof(page, ppi, session.halvings(), job.colour().inking(job.palette()), job.palette().stock()),
          scale);
    } else {
      picture.show(() -> page, scale, session.halvings());
    }
    return captioned(picture, Wording.text(proof ? "sendPane.pageInk" : "sendPane.page", page.name(),
        Lengths.show(page.size(), session.unit())));
  }

  /** The sheets that are cut, or the design, drawn with their cut lines. */
  private void cut(Job job) {
    Content content = choices.content();
    layer.replace(() -> pages(job, content), pages -> {
      getChildren().clear();
      for (DrawnPage page : pages) {
        PagePicture picture = new PagePicture(painter());
        picture.show(() -> page, whole(page, pages.size()), session.halvings());
        getChildren().add(captioned(picture, Wording.text("sendPane.page", page.name(), Lengths.show(page.size(), session.unit()))));
      }
    });
  }

  private static List<DrawnPage> pages(Job job, Content content) {
    return switch (content) {
      case DESIGN -> List.of(CutDrawings.designPage(job));
      case ASSEMBLY -> Assembly.pages(job);
      case PROOF -> List.of(ProofPage.of(job));
      case TRAVELLER -> List.of(Traveller.of(job));
      default -> Layout.of(job).sheets().stream().map(s -> CutDrawings.shown(job, s)).toList();
    };
  }

  /** Shows what was drawn from a file. */
  void drawn(List<BufferedImage> pictures) {
    shown = Optional.empty();
    List<Node> nodes = new ArrayList<>();
    for (BufferedImage image : pictures) {
      ImageView view = new ImageView(FxPictures.of(image));
      view.setPreserveRatio(true);
      view.setSmooth(true);
      view.setFitHeight(scale(image.getWidth(), image.getHeight(), pictures.size()) * image.getHeight());
      view.getStyleClass().add("page-picture");
      nodes.add(view);
    }
    getChildren().setAll(nodes);
  }

  /** What is being worked out counts for nothing any more. */
  void drop() {
    shown = Optional.empty();
    layer.drop();
  }

  /** Pixels per inch for a page that is not written yet. */
  private double whole(DrawnPage page, int count) {
    double usual = scale(page.size().width(), page.size().height(), count);
    return getScene() == null ? usual
        : Math.max(usual, Math.min((across() / count - GAP) / page.size().width(),
        getScene().getHeight() * TALLEST / page.size().height()));
  }

  /** How high a page is shown at most once it is written, in pixels. */
  double room() {
    return getScene() == null ? ROOM : Math.max(ROOM, getScene().getHeight() * SHARE);
  }

  /** The scale at which something so wide and high goes into a room, a little wider than high. */
  static double scale(double width, double height, double room) {
    return Math.min(room / height, room * 1.2 / width);
  }

  private double across() {
    return getWidth() - snappedLeftInset() - snappedRightInset() + GAP;
  }

  private double scale(double width, double height, int count) {
    double scale = scale(width, height, room());
    double across = across();
    int columns = (int) (across / (width * scale + GAP));
    double narrower = (Math.floor(across / (columns + 1)) - GAP) / width;
    return across > GAP && columns < count && narrower >= SMALLEST * scale ? narrower : scale;
  }

  private static Node captioned(Node picture, String caption) {
    VBox box = new VBox(4, picture, Controls.label(caption, "side-note"));
    box.setAlignment(Pos.BOTTOM_LEFT);
    return box;
  }
}
