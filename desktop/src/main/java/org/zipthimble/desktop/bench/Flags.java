package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.zipthimble.core.arrange.FlagLayout;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Flags on the bench that point at the very edges findings concern; many of one kind gather into one flag with their count. */
final class Flags {
  private static final double WIDTH = 132;
  private static final double INSIDE = 18;
  private static final double BORDER = 12;
  private static final double GAP = 8;
  private static final double EDGE = 6;

  /** Room for the zoom slip and what else stands at the foot of the bench. */
  private static final double FOOT = 44;

  private Flags() {}

  /** The flags of findings on the bench's face; notes have none. */
  static List<Node> of(List<Finding> findings, Viewport view, double width, double height, Box item) {
    Map<String, List<Finding>> kinds = new LinkedHashMap<>();
    findings.stream().filter(f -> f.weight().counts())
        .forEach(f -> kinds.computeIfAbsent(f.code() + f.weight() + f.side().map(Enum::name).orElse(""), k -> new ArrayList<>()).add(f));
    List<List<Finding>> gathered = List.copyOf(kinds.values());
    List<String> words = gathered.stream().map(Flags::words).toList();
    List<Box> tips = gathered.stream().map(g -> view.toPixels().apply(g.get(0).where())).toList();
    Box field = new Box(EDGE, EDGE, Math.max(WIDTH, width - 2 * EDGE), Math.max(1, height - EDGE - FOOT));
    List<Box> places = FlagLayout.place(tips, words.stream().map(Flags::size).toList(), field, view.toPixels().apply(item), GAP);
    List<Node> nodes = new ArrayList<>();
    List<Node> flags = new ArrayList<>();
    for (int i = 0; i < gathered.size(); i++) {
      String weight = gathered.get(i).get(0).weight().name().toLowerCase(Locale.ROOT);
      boolean edge = gathered.get(i).get(0).code().equals("bleed-short");
      nodes.add(DrawnNodes.boxes(gathered.get(i).stream().map(Finding::where).toList(), view, edge ? "flagged-edge" : "flagged-" + weight));
      nodes.add(pointer(places.get(i), tips.get(i), weight));
      flags.add(flag(words.get(i), places.get(i), weight));
    }
    nodes.addAll(flags);
    return nodes;
  }

  private static String words(List<Finding> kind) {
    return kind.size() == 1 ? kind.get(0).title() : Wording.text("flag.several", kind.get(0).title(), kind.size());
  }

  /** How large a flag must be so that its words are whole. */
  private static Size size(String words) {
    Text text = new Text(words);
    text.setFont(Font.font("Figtree", BORDER));
    text.setWrappingWidth(WIDTH - INSIDE);
    return new Size(WIDTH, Math.ceil(text.getLayoutBounds().getHeight()) + BORDER);
  }

  private static Node pointer(Box flag, Box tip, String weight) {
    boolean atLeft = flag.centre().x() < tip.centre().x();
    double near = atLeft ? flag.right() : flag.x();
    double to = atLeft ? Math.max(tip.x(), near) : Math.min(tip.right(), near);
    double y = flag.centre().y();
    Polygon pointer = new Polygon(near, y - 4, to, tip.centre().y(), near, y + 4);
    pointer.getStyleClass().addAll("flag-pointer", weight);
    pointer.setMouseTransparent(true);
    return pointer;
  }

  private static Node flag(String words, Box place, String weight) {
    Label flag = new Label(words);
    flag.setWrapText(true);
    flag.getStyleClass().addAll("flag", weight);
    flag.setPrefSize(place.width(), place.height());
    flag.setMinHeight(place.height());
    flag.relocate(place.x(), place.y());
    flag.setMouseTransparent(true);
    return flag;
  }

  static Node leftOver(Finding finding, Viewport view) {
    Box where = view.toPixels().apply(finding.where());
    Label chip = new Label(finding.title());
    chip.getStyleClass().addAll("flag", "ruin");
    chip.setMouseTransparent(true);
    Point at = new Point(where.x(), where.bottom() - 2);
    chip.relocate(at.x(), at.y());
    return chip;
  }
}
